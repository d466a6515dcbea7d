import type { Catalogue } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { imageOf } from '../catalogue/product'
import type { LookBook } from '../looks/lookBook'
import type { HeadingValues } from '../sections/headings'
import { headingOf, headingValues } from '../sections/headings'
import type { Section } from '../sections/section'
import type { ResolvedPage, ShownSection } from '../selection/resolvedPage'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Text } from '../text/text'
import { layoutFor } from '../sections/display'
import { stepTypeOf } from '../fillSteps/fillStep'
import type { DeliveredItem, PageAnswer } from './contract/pages'

export type Words = (text: Text) => string

/** What an answer is told from besides the page. */
export interface AnswerShop {
  catalogue: Catalogue
  looks: LookBook
  /** Addresses of the pictures that brands are known by. */
  brandMarks: ReadonlyMap<string, string>
}

/** What the sections of a page say of what the page is about; it is looked up for the first that asks. */
export interface PageContext {
  heading(section: Section, count: number): string
  seeAll(section: Section): SeeAll | null
  mark(section: Section): Mark | null
  /** The name of a category. */
  category(key: string): string
  tiles(shown: ShownSection): PageAnswer['sections'][0]['categories']
}

type Mark = NonNullable<PageAnswer['sections'][0]['mark']>
type SeeAll = NonNullable<PageAnswer['sections'][0]['seeAll']>

export function pageContext(
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

export const deliveredPlan = ({ key, name }: PagePlan, words: Words) => ({ key, name: words(name) })

/** What of a section is the same on all pages that show one product, or several. */
export function sectionLook({ section, items }: Pick<ShownSection, 'section' | 'items'>, looks: LookBook, words: Words) {
  const { seeAll: _, ...display } = section.display
  return {
    layout: layoutFor(section.layout, items.length),
    display: { places: section.places, ...display },
    style: looks.styleOf(section.look),
    buttons: { add: words(section.buttons.add), choose: words(section.buttons.choose) },
  }
}

/** @param number of the step that brought it, counted from 0 */
export function whyShown({ steps }: Section, number: number): Pick<DeliveredItem, 'step' | 'reason' | 'kind'> {
  const step = steps[number]!
  const type = stepTypeOf(step)
  return { step: number, reason: type.reason, kind: type.kind?.(step) ?? null }
}
