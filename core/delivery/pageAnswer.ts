import type { Catalogue } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { imageOf } from '../catalogue/product'
import type { ShopSettings } from '../catalogue/shopSettings'
import { layoutFor } from '../sections/display'
import type { LookBook } from '../looks/lookBook'
import type { HeadingValues } from '../sections/headings'
import { headingOf, headingValues } from '../sections/headings'
import type { Section } from '../sections/section'
import { stepTypeOf } from '../fillSteps/fillStep'
import type { Candidate } from '../candidates/candidate'
import type { ExplainedPage, ResolvedPage, ShownSection, StepReport } from '../selection/resolvedPage'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { DeliveredItem, PageAnswer } from './contract/pages'
import type { DeliveredTexts } from './deliveredItem'
import { deliveredProduct, itemName } from './deliveredItem'

type Words = (text: Text) => string

/** What an answer is told from besides the page. */
export interface AnswerShop {
  catalogue: Catalogue
  looks: LookBook
  /** Addresses of the pictures that brands are known by. */
  brandMarks: ReadonlyMap<string, string>
}

/**
 * A resolved page as a shop gets it. With the steps of an explained page it tells the reasons too.
 * @param page what explainPage or resolvePage found
 * @param language BCP 47 tag
 */
export function pageAnswer(
  kind: PageAnswer['page']['kind'],
  page: ResolvedPage | ExplainedPage,
  shop: AnswerShop,
  settings: ShopSettings,
  language: string,
): PageAnswer {
  const words: Words = text => textIn(text, language, settings.language)
  const { looks } = shop
  const told = pageContext(kind, page, shop, words)
  const story = (key: string) =>
    'steps' in page ? page.steps.get(key)!.map(report => deliveredStep(report, words, told.category)) : undefined
  return {
    ...pageHead(kind, page, words),
    style: looks.houseStyle,
    sections: page.sections.map(shown => ({
      ...sectionHead(shown, told),
      ...sectionLook(shown, looks, words),
      items: shown.items.map(item => ({ ...deliveredProduct(item, settings, language, shop.catalogue), ...whyShown(item, shown) })),
      categories: told.tiles(shown),
      steps: story(shown.section.key),
    })),
    hidden:
      'steps' in page
        ? page.hidden.map(({ section, zone, reason }) => ({
            key: section.key,
            heading: told.heading(section, 0),
            zone,
            reason,
            steps: story(section.key),
          }))
        : undefined,
  }
}

/**
 * The JSON text of pageAnswer for a page without reasons. Shops ask for it with every page they show,
 * so it is put together from texts of products that are written once.
 * @param language BCP 47 tag
 */
export function pageText(
  kind: PageAnswer['page']['kind'],
  page: ResolvedPage,
  shop: AnswerShop,
  texts: DeliveredTexts,
  language: string,
): string {
  const words: Words = text => textIn(text, language, texts.settings.language)
  const { looks } = shop
  const told = pageContext(kind, page, shop, words)
  // Written by hand: it runs for every product of every page, and there is nothing in it to escape.
  const itemText = (item: Candidate, shown: ShownSection) => {
    const { step, reason, kind } = whyShown(item, shown)
    return merged(texts.of(item, language), `{"step":${step},"reason":"${reason}","kind":${kind === null ? 'null' : `"${kind}"`}}`)
  }
  const sectionText = (shown: ShownSection) =>
    merged(
      merged(
        JSON.stringify(sectionHead(shown, told)),
        texts.look(looks, shown.section, `${language} ${shown.items.length === 1}`, () => JSON.stringify(sectionLook(shown, looks, words))),
      ),
      `{"items":[${shown.items.map(item => itemText(item, shown)).join()}],` +
        `"categories":${shown.tiles.length ? JSON.stringify(told.tiles(shown)) : '[]'}}`,
    )
  return merged(
    JSON.stringify(pageHead(kind, page, words)),
    `{"style":${texts.houseStyle(looks)},"sections":[${page.sections.map(sectionText).join()}]}`,
  )
}

/** The JSON of one object with the members of both, neither of them empty. */
const merged = (a: string, b: string) => `${a.slice(0, -1)},${b.slice(1)}`

/** What the sections of a page say of what the page is about; it is looked up for the first that asks. */
interface PageContext {
  heading(section: Section, count: number): string
  seeAll(section: Section): SeeAll | null
  mark(section: Section): Mark | null
  /** The name of a category. */
  category(key: string): string
  tiles(shown: ShownSection): PageAnswer['sections'][0]['categories']
}

type Mark = NonNullable<PageAnswer['sections'][0]['mark']>
type SeeAll = NonNullable<PageAnswer['sections'][0]['seeAll']>

function pageContext(
  kind: PageAnswer['page']['kind'],
  { subjects }: ResolvedPage,
  { catalogue, brandMarks }: AnswerShop,
  words: Words,
): PageContext {
  let values: HeadingValues | undefined
  const category = (key: string) => words(catalogue.category(key)?.name ?? {}) || key
  return {
    category,
    tiles: ({ tiles }) => tiles.map(({ key, product }) => ({ key, name: category(key), image: imageOf(product, null) })),
    heading: (section, count) => headingOf(section, count, () => (values ??= headingValues(kind, subjects, catalogue)), words),
    mark({ display: { heading } }) {
      const brand =
        heading.icon === 'brand' && kind !== 'category' && subjects[0] !== undefined
          ? (catalogue.product(subjects[0])?.brand ?? null)
          : null
      return brand === null ? null : { brand, image: brandMarks.get(brand) ?? null }
    },
    seeAll: ({ display: { seeAll } }) =>
      seeAll === 'no' || subjects[0] === undefined
        ? null
        : seeAllOf(seeAll, kind === 'category' ? subjects[0] : catalogue.product(subjects[0]), catalogue, words),
  }
}

/** @param subject the key of a category, or a product */
function seeAllOf(of: SeeAll['of'], subject: string | Product | undefined, catalogue: Catalogue, words: Words): SeeAll | null {
  if (of === 'brand') return typeof subject === 'object' && subject.brand !== null ? { of, key: subject.brand, name: subject.brand } : null
  const category = catalogue.category((typeof subject === 'object' ? subject.categories[0] : subject) ?? '')
  return category ? { of, key: category.key, name: words(category.name) || category.key } : null
}

function pageHead(kind: PageAnswer['page']['kind'], { subjects, plan }: ResolvedPage, words: Words) {
  return { page: { kind, subjects }, plan: { key: plan.key, name: words(plan.name) } }
}

function sectionHead({ section, zone, items, tiles }: ShownSection, told: PageContext) {
  return {
    key: section.key,
    heading: told.heading(section, items.length || tiles.length),
    zone,
    seeAll: told.seeAll(section),
    mark: told.mark(section),
  }
}

/** What of a section is the same on all pages that show one product, or several. */
function sectionLook({ section, items }: ShownSection, looks: LookBook, words: Words) {
  const { seeAll: _, ...display } = section.display
  return {
    layout: layoutFor(section.layout, items.length),
    display: { places: section.places, ...display },
    style: looks.styleOf(section.look),
    buttons: { add: words(section.buttons.add), choose: words(section.buttons.choose) },
  }
}

function whyShown({ step: number }: Candidate, { section }: ShownSection): Pick<DeliveredItem, 'step' | 'reason' | 'kind'> {
  const step = section.steps[number]!
  const type = stepTypeOf(step)
  return { step: number, reason: type.reason, kind: type.kind?.(step) ?? null }
}

function deliveredStep(
  { step, idle, taken, heldBack, alternatives, more, tiles }: StepReport,
  words: Words,
  category: (key: string) => string,
) {
  const told = (candidate: Candidate) => ({
    sku: candidate.product.sku,
    variant: candidate.variant?.sku ?? null,
    name: itemName(candidate, words),
    source: candidate.source,
    place: candidate.place,
    strength: candidate.strength,
    ...(alternatives.get(candidate)?.length && { alternatives: alternatives.get(candidate) }),
  })
  return {
    from: step.from,
    kind: stepTypeOf(step).kind?.(step),
    subjects: step.subjects,
    idle,
    taken: taken.map(told),
    heldBack: heldBack.map(({ candidate, reason }) => ({ ...told(candidate), reason })),
    more,
    ...(tiles && {
      categories: [
        ...tiles.taken.map(({ key }) => ({ key, name: category(key), reason: null })),
        ...tiles.heldBack.map(({ key, reason }) => ({ key, name: category(key), reason })),
      ],
    }),
  }
}
