import { upperFirst } from 'es-toolkit'
import { blockName, offerBlock, offerOf, otherOffers } from '../../../../core/pagePlans/block'
import type { PagePlan } from '../../../../core/pagePlans/pagePlan'
import { blocksOf } from '../../../../core/pagePlans/pagePlan'
import type { Layout } from '../../../../core/sections/display'
import { isUnpublished } from '../../../../core/sections/versions'
import { listed } from '../../../../core/text/sentence'
import { useDrafts } from '../../../data/drafts'
import { layoutWords } from '../../../parts/sections/layoutWords'
import { pagesWords } from '../words'

const say = pagesWords.placedBlock

interface BlockState {
  name: 'leaving' | 'off' | 'draft'
  words: string
}
/** What is said of a block where it stands on a page plan. */
export interface BlockFacts {
  name: string
  says: string
  state: BlockState | null
  /** How a section is laid out; null: it is of offers. */
  layout: Layout | null
  /** It is switched off wherever it stands. */
  isOffEverywhere: boolean
  /** Where it is changed. */
  to: string
}

export function useBlockFacts(block: () => string, plan: () => PagePlan) {
  const store = useDrafts()

  function versionState(sort: 'sections' | 'offers', key: string): BlockState | null {
    const stored = store.storedOf(sort, key)
    if (!stored?.draft) return { name: 'leaving', words: say.toBeRemoved }
    return isUnpublished(stored) ? { name: 'draft', words: stored.live ? say.changed : say.draft } : null
  }
  const plannedOr = (sort: 'sections' | 'offers', key: string, words: string) => upperFirst(store.plannedWords(sort, key)) || words

  function ofSection(key: string): Omit<BlockFacts, 'name'> {
    const stored = store.storedOf('sections', key)
    const section = stored?.draft ?? stored?.live
    const to = `/sections/${key}`
    if (!section) return { says: say.thereIsNoSuchSection, state: versionState('sections', key), layout: null, isOffEverywhere: false, to }
    return {
      says: plannedOr('sections', key, `${layoutWords[section.layout]} · ${say.places(section.places)}`),
      state: stored?.draft && section.off ? { name: 'off', words: say.off } : versionState('sections', key),
      layout: section.layout,
      isOffEverywhere: section.off,
      to,
    }
  }
  const ofOffer = (key: string): Omit<BlockFacts, 'name'> => ({
    says: plannedOr('offers', key, say.togetherOffer),
    state: versionState('offers', key),
    layout: null,
    isOffEverywhere: false,
    to: `/offers/${key}`,
  })
  function ofOtherOffers(): Omit<BlockFacts, 'name'> {
    const placed = new Set(blocksOf(plan()).map(offerOf))
    const names = store.offers.filter(({ key, draft }) => draft && !placed.has(key)).map(({ key }) => store.nameOf('offers', key))
    return { says: listed(names) || say.noneByNow, state: null, layout: null, isOffEverywhere: false, to: '/offers' }
  }

  return computed((): BlockFacts => {
    const [offer, name] = [offerOf(block()), blockName(block(), store.nameOf)]
    const ofOne = () => (offer === null ? ofSection(block()) : ofOffer(offer))
    const facts = block() === otherOffers ? ofOtherOffers() : ofOne()
    const offHere: BlockState | null = plan().off.includes(block()) ? { name: 'off', words: say.offHere } : null
    return { ...facts, name, state: facts.state?.name === 'leaving' ? facts.state : (offHere ?? facts.state) }
  })
}

/** The blocks that don't stand on a plan and could, by name: all other offers first. */
export function useBlocksAtHand(plan: () => PagePlan, hasOffers: () => boolean) {
  const store = useDrafts()
  return computed(() => {
    const placed = new Set(blocksOf(plan()))
    const named = (sort: 'sections' | 'offers', blockOf: (key: string) => string) =>
      store[sort].flatMap(({ key, draft }) => (draft ? { block: blockOf(key), name: store.nameOf(sort, key) } : []))
    const offers = hasOffers() ? named('offers', offerBlock) : []
    const inOrder = [...named('sections', key => key), ...offers].sort((a, b) => a.name.localeCompare(b.name)).map(each => each.block)
    return [...(hasOffers() ? [otherOffers] : []), ...inOrder].filter(each => !placed.has(each))
  })
}
