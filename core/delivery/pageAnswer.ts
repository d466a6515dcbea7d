import type { Catalogue } from '../catalogue/catalogue'
import type { ShopSettings } from '../catalogue/shopSettings'
import type { HeadingValues } from '../sections/headings'
import { headingOf, headingValues } from '../sections/headings'
import type { Section } from '../sections/section'
import type { StepSource } from '../sections/fillStep'
import type { Candidate, ExplainedPage, ResolvedPage, ShownSection, StepReport } from '../selection/resolvedPage'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { DeliveredItem, PageAnswer } from './contract'
import type { DeliveredTexts } from './deliveredItem'
import { deliveredProduct, itemName } from './deliveredItem'

type Words = (text: Text) => string

/**
 * A resolved page as a shop gets it. With the steps of an explained page it tells the reasons too.
 * @param page what explainPage or resolvePage found
 * @param language BCP 47 tag
 */
export function pageAnswer(
  kind: PageAnswer['page']['kind'], page: ResolvedPage | ExplainedPage, catalogue: Catalogue, settings: ShopSettings, language: string,
): PageAnswer {
  const words: Words = text => textIn(text, language, settings.language)
  const heading = headings(kind, page, catalogue, words)
  const story = (key: string) => 'steps' in page ? page.steps.get(key)!.map(report => stepStory(report, words)) : undefined
  return {
    ...pageHead(kind, page, words),
    sections: page.sections.map(shown => ({
      ...sectionHead(shown, heading),
      items: shown.items.map(item => ({ ...deliveredProduct(item, settings, language), ...whyShown(item, shown) })),
      steps: story(shown.section.key),
    })),
    hidden: 'steps' in page ? page.hidden.map(({ section, zone, reason }) => ({ key: section.key, heading: heading(section, 0), zone, reason, steps: story(section.key) })) : undefined,
  }
}

/**
 * The JSON text of pageAnswer for a page without reasons. Shops ask for it with every page they show,
 * so it is put together from texts of products that are written once.
 * @param language BCP 47 tag
 */
export function pageText(kind: PageAnswer['page']['kind'], page: ResolvedPage, catalogue: Catalogue, texts: DeliveredTexts, language: string): string {
  const words: Words = text => textIn(text, language, texts.settings.language)
  const heading = headings(kind, page, catalogue, words)
  // Written by hand: it runs for every product of every page, and there is nothing in it to escape.
  const itemText = (item: Candidate, shown: ShownSection) => {
    const { step, reason } = whyShown(item, shown)
    return merged(texts.of(item, language), `{"step":${step},"reason":"${reason}"}`)
  }
  const sectionText = (shown: ShownSection) =>
    merged(JSON.stringify(sectionHead(shown, heading)), `{"items":[${shown.items.map(item => itemText(item, shown)).join()}]}`)
  return merged(JSON.stringify(pageHead(kind, page, words)), `{"sections":[${page.sections.map(sectionText).join()}]}`)
}

/** The JSON of one object with the members of both, neither of them empty. */
const merged = (a: string, b: string) => `${a.slice(0, -1)},${b.slice(1)}`

type Heading = (section: Section, count: number) => string

/** What the sections of a page say; what headings are filled with is looked up for the first that asks. */
function headings(kind: PageAnswer['page']['kind'], { subjects }: ResolvedPage, catalogue: Catalogue, words: Words): Heading {
  let values: HeadingValues | undefined
  return (section, count) => headingOf(section, count, () => values ??= headingValues(kind, subjects, catalogue), words)
}

function pageHead(kind: PageAnswer['page']['kind'], { subjects, plan }: ResolvedPage, words: Words) {
  return { page: { kind, subjects }, plan: { key: plan.key, name: words(plan.name) } }
}

function sectionHead({ section, zone, items }: ShownSection, heading: Heading) {
  return { key: section.key, heading: heading(section, items.length), zone, layout: section.layout, display: { places: section.places } }
}

const whyShown = ({ step }: Candidate, { section }: ShownSection): Pick<DeliveredItem, 'step' | 'reason'> => ({ step, reason: reasonOf[section.steps[step]!.from] })

const reasonOf: Record<StepSource, DeliveredItem['reason']> = {
  links: 'linked', traits: 'sharedTraits', rule: 'rule', boughtTogether: 'boughtTogether', chosen: 'chosen', category: 'category',
  bestSellers: 'bestSeller', newest: 'newest', recentlyViewed: 'recentlyViewed', relatedCategories: 'relatedCategory', bundles: 'bundle',
}

function stepStory({ step, idle, taken, heldBack, alternatives, more }: StepReport, words: Words) {
  const told = (candidate: Candidate) => ({
    sku: candidate.product.sku,
    variant: candidate.variant?.sku ?? null,
    name: itemName(candidate, words),
    source: candidate.source,
    place: candidate.place,
    strength: candidate.strength,
    ...alternatives.get(candidate)?.length && { alternatives: alternatives.get(candidate) },
  })
  return {
    from: step.from,
    kind: step.from === 'links' ? step.kind : undefined,
    subjects: step.subjects,
    idle,
    taken: taken.map(told),
    heldBack: heldBack.map(({ candidate, reason }) => ({ ...told(candidate), reason })),
    more,
  }
}
