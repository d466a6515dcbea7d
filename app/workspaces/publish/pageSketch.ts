import { isEqual } from 'es-toolkit'
import type { PageAnswer } from '../../../core/delivery/contract/pages'
import { zoneBlocks } from '../../../core/delivery/zoneBlocks'
import { publishWords } from './words'

const say = publishWords.pageSketch

/** What became of a section or offer on a page. */
export type Became = 'same' | 'less' | 'more' | 'others'
export interface Sketched {
  id: string
  heading: string
  pictures: { id: string; image: string | null; name: string }[]
  became: Became
  /** The same in words; empty: nothing. */
  words: string
}

interface Shown extends Pick<Sketched, 'id' | 'heading' | 'pictures'> {
  /** A section without heading is told by what it is. */
  heading: string
}

/** What stands on a page, in its order. */
function shownOn(page: PageAnswer): Shown[] {
  return zoneBlocks(page).map(({ id, section, offer }) => {
    const { key, heading, items } = (section ?? offer)!
    return {
      id,
      heading: heading || key,
      pictures: [
        ...items.map(each => ({ id: each.variant ?? each.sku, image: each.image, name: each.name })),
        ...(section?.categories ?? []).map(each => ({ id: each.key, image: each.image, name: each.name })),
      ],
    }
  })
}

/** A page as it is, and as it would be: what stands there, and on each side what the other does not have so. */
export function sketched(before: PageAnswer, after: PageAnswer): { before: Sketched[]; after: Sketched[] } {
  const [was, is] = [shownOn(before), shownOn(after)]
  const told = (shown: readonly Shown[], others: readonly Shown[], wordsOf: typeof wordsAfter): Sketched[] =>
    shown.map(each => ({ ...each, ...wordsOf(each, others.find(other => other.id === each.id) ?? null) }))
  return { before: told(was, is, wordsBefore), after: told(is, was, wordsAfter) }
}

/** On the side of what is, only what goes altogether is marked. */
const wordsBefore = (_: Shown, then: Shown | null): Pick<Sketched, 'became' | 'words'> =>
  then ? { became: 'same', words: '' } : { became: 'less', words: say.goes }

function wordsAfter({ pictures }: Shown, was: Shown | null): Pick<Sketched, 'became' | 'words'> {
  if (!was) return { became: 'more', words: say.comes }
  const by = pictures.length - was.pictures.length
  if (by < 0) return { became: 'less', words: say.fewer(-by) }
  if (by > 0) return { became: 'more', words: say.more(by) }
  const [now, then] = [pictures, was.pictures].map(side => side.map(each => each.id))
  return isEqual(now, then) ? { became: 'same', words: '' } : { became: 'others', words: say.others }
}
