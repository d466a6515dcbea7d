import { sum, uniq } from 'es-toolkit'
import { hangsOnShopper } from '../../../core/checks/fill'
import type { BundleEffect, Effects, OfferEffect, PagesByFill, PlanMove, SectionEffect, SomePages } from '../../../core/effects/effects'
import type { BundleSold } from '../../../core/effects/bundlesSold'
import { blockName, isOfOffers, offerBlock } from '../../../core/pagePlans/block'
import type { PageKind } from '../../../core/pageTypes/registry'
import { pageTypes } from '../../../core/pageTypes/registry'
import type { DraftedSort } from '../../../core/releases/draftedSorts'
import type { Section } from '../../../core/sections/section'
import { counted, listed } from '../../../core/text/sentence'
import { publishWords } from './words'

const say = publishWords.effectRows

/** What a line is about at a glance: something is lost, gained, other, has another plan, or is to be looked at. */
export type Tone = 'less' | 'more' | 'others' | 'moves' | 'look'
/** One thing that publishing does. */
export interface EffectRow {
  id: string
  tone: Tone
  title: string
  words: string
  /** On how many of how many pages a section is full, where that is another number than before. */
  full: { before: number; after: number; beforeOf: number; afterOf: number; became: 'less' | 'more' } | null
  /** The kind of the pages that it is about; null: it is about none. */
  page: PageKind | null
  /** On how many pages something changes. */
  count: number
  /** What some of them are about, by SKU or key; on pages that there is one of, nothing. */
  some: string[]
  /** Where it is mended; left out: nowhere. */
  to?: string
}

/** What rows need to know of the shop. */
export interface Named {
  nameOf(sort: DraftedSort, key: string): string
  /** A section as it will be. */
  sectionAfter(key: string): Section | null
  /** @param amount in minor units */
  money(amount: number): string
}

/** Everything that publishing does, what is lost first. */
export function effectRows({ sections, nowhere, unmade, moves, offers, bundles }: Effects, named: Named): EffectRow[] {
  const rows = [
    ...nowhere.map(block => nowhereRow(block, named)),
    ...unmade.map(offer => unmadeRow(offer, named)),
    ...bundles.map(each => bundleRow(each, named)),
    ...sections.map(each => sectionRow(each, named)),
    ...offers.map(each => offerRow(each, named)),
    ...moves.map(each => moveRow(each, named)),
  ]
  const order: Tone[] = ['less', 'look', 'more', 'others', 'moves']
  return rows.toSorted((a, b) => order.indexOf(a.tone) - order.indexOf(b.tone))
}

const nowhereRow = (block: string, { nameOf }: Named): EffectRow => ({
  id: `nowhere ${block}`,
  tone: 'look',
  title: (isOfOffers(block) ? say.offerStandsNowhere : say.standsNowhere)(blockName(block, nameOf)),
  words: say.putItOnAPlan,
  full: null,
  page: null,
  count: 0,
  some: [],
})

const unmadeRow = (offer: string, { nameOf }: Named): EffectRow => ({
  id: `unmade ${offer}`,
  tone: 'look',
  title: say.offerIsMadeOnNoPage(blockName(offerBlock(offer), nameOf)),
  words: say.whyItIsNotMade,
  full: null,
  page: null,
  count: 0,
  some: [],
})

/** The pages that a line is about, of those of each sort. */
const pagesOf = (page: PageKind, ...sorts: readonly SomePages[]) => ({
  page,
  count: sum(sorts.map(each => each.count)),
  some: uniq(sorts.flatMap(each => each.some)),
})

const pagesInWords = (page: PageKind, count: number) => counted(count, ...pageTypes[page].counted)
const total = ({ full, thin, blank }: PagesByFill) => full + thin + blank
const sentences = (...all: (string | false)[]) => all.filter(Boolean).join(' ')

function sectionRow(effect: SectionEffect, { nameOf, sectionAfter }: Named): EffectRow {
  const { section, page, before, after, gone, fewer, more, others } = effect
  const name = nameOf('sections', section)
  const inWords = (count: number) => pagesInWords(page, count)
  const [had, has] = [total(before), total(after)]
  const said = (tone: Tone, title: string, words: string): EffectRow => ({
    id: `section ${section} ${page}`,
    tone,
    title,
    words,
    full:
      before.full === after.full && had === has
        ? null
        : { before: before.full, after: after.full, beforeOf: had, afterOf: has, became: after.full < before.full ? 'less' : 'more' },
    ...pagesOf(page, gone, fewer, more, others),
  })
  const draft = sectionAfter(section)
  if (draft && has && hangsOnShopper(draft, page)) return said('look', say.hangsOnShopper(name), say.cantBeCounted(inWords(has)))
  if (has && !after.full && !after.thin && !gone.count) return said('look', say.findsNothing(name), say.standsAndFindsNothing(inWords(has)))
  if (!had) return said('more', say.comes(name, inWords(has)), say.fills(after.full, after.thin, after.blank))
  if (!has) return said(gone.count ? 'less' : 'others', say.leaves(name, inWords(had)), '')
  const also = [more.count > 0 && say.alsoMore(inWords(more.count)), others.count > 0 && say.alsoOthers(inWords(others.count))]
  if (gone.count && !fewer.count) return said('less', say.losesAll(name, inWords(gone.count)), sentences(taken(effect, nameOf), ...also))
  if (gone.count + fewer.count)
    return said(
      'less',
      say.loses(name, inWords(gone.count + fewer.count)),
      sentences(taken(effect, nameOf), gone.count > 0 && say.nothingLeft(inWords(gone.count)), ...also),
    )
  if (more.count) return said('more', say.gains(name, inWords(more.count)), sentences(also[1]!))
  if (others.count) return said('others', say.others(name, inWords(others.count)), '')
  return said('others', say.stays(name, inWords(has)), before.full === after.full ? '' : say.otherPlaces)
}

/** Who shows above a section what it has lost; empty: nobody. */
function taken({ lostTo }: SectionEffect, nameOf: Named['nameOf']): string {
  const names = listed(lostTo.slice(0, 3).map(each => `“${blockName(each.block, nameOf)}”`))
  if (!lostTo.length) return ''
  return lostTo.length === 1 ? say.takenBy(names) : say.takenByAll(names)
}

function offerRow({ offer, page, before, after, gone, come, others }: OfferEffect, { nameOf }: Named): EffectRow {
  const name = nameOf('offers', offer)
  const said = (tone: Tone, title: string): EffectRow => ({
    id: `offer ${offer} ${page}`,
    tone,
    title,
    words: '',
    full: null,
    ...pagesOf(page, gone, come, others),
  })
  if (!before) return said('more', say.offerComes(name, pagesInWords(page, after)))
  if (!after) return said('less', say.offerGoes(name, pagesInWords(page, before)))
  if (before !== after) return said(after < before ? 'less' : 'more', say.offerIsOn(name, before, pagesInWords(page, after)))
  return said('others', say.offerChanges(name, pagesInWords(page, sum([gone.count, others.count]))))
}

function bundleRow({ bundle, before, after }: BundleEffect, { nameOf, money }: Named): EffectRow {
  const name = nameOf('bundles', bundle)
  const priceOf = ({ price, isFrom }: BundleSold) => (isFrom ? say.from(money(price)) : money(price))
  const said = (tone: Tone, title: string, words: string): EffectRow => ({
    id: `bundle ${bundle}`,
    tone,
    title,
    words,
    full: null,
    page: 'product',
    count: 1,
    some: [bundle],
  })
  if (!after) return before ? said('less', say.bundleGoes(name), say.itCost(priceOf(before))) : said('look', say.bundleIsNotSold(name), '')
  const parts = after.was === null ? '' : say.partsCost(money(after.was))
  if (!before) return said('more', say.bundleComes(name, priceOf(after)), parts)
  if (priceOf(before) === priceOf(after)) return said('others', say.bundleStays(name, priceOf(after)), parts)
  return said('others', say.bundleCosts(name, priceOf(after), priceOf(before)), parts)
}

function moveRow({ page, from, to, pages }: PlanMove, { nameOf }: Named): EffectRow {
  const { count } = pages
  const [title, isOne] = [count === 1 ? say.movesOne : say.moves, count === 1]
  return {
    id: `plan ${page} ${from} ${to}`,
    tone: 'moves',
    title: title(pagesInWords(page, count), nameOf('plans', to)),
    words: say.had(nameOf('plans', from), isOne),
    full: null,
    ...pagesOf(page, pages),
  }
}
