import type { ResolvedPage, ShownSection } from '../selection/resolvedPage'
import { headingOf } from '../sections/headings'
import { jsonBytes } from '../text/byteText'
import { textIn } from '../text/text'
import type { PageAnswer } from './contract/pages'
import type { DeliveredTexts, SectionText } from './deliveredTexts'
import type { AnswerShop, Words } from './pageParts'
import { pageContext, sectionLook, whyShown } from './pageParts'

/**
 * The JSON of pageAnswer as a byte text, for a page without reasons. Shops ask for it with every page they show, so it is put together
 * from texts of products and sections that are written once.
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
  const [ofOne, ofSeveral] = [`${language} 1`, language]

  const sectionText = (shown: ShownSection) => {
    const { section, zone, items, tiles } = shown
    const count = items.length || tiles.length
    const text = texts.section(looks, section, count === 1 ? ofOne : ofSeveral, () => writeSection(shown, shop, words))
    const { seeAll, heading } = section.display
    // Keys and zones have nothing in them to escape.
    let json = `{"key":"${section.key}","heading":${text.heading ?? jsonBytes(told.heading(section, count))},"zone":"${zone}"`
    json += `,"seeAll":${seeAll === 'no' ? 'null' : jsonBytes(told.seeAll(section))}`
    json += `,"mark":${heading.icon === 'brand' ? jsonBytes(told.mark(section)) : 'null'},${text.look},"items":[`
    let separator = ''
    for (const item of items) {
      json += separator + texts.of(item, language) + text.why[item.step]!
      separator = ','
    }
    return `${json}],"categories":${tiles.length ? jsonBytes(told.tiles(shown)) : '[]'}}`
  }
  const head = `{"page":{"kind":"${kind}","subjects":${jsonBytes(page.subjects)}},"plan":${texts.plan(page.plan, language)}`
  return `${head},"style":${texts.houseStyle(looks)},"sections":[${page.sections.map(sectionText).join()}]}`
}

/** Pieces of JSON: what of a section is the same on all pages that show one product, or several. */
function writeSection(shown: ShownSection, { looks }: AnswerShop, words: Words): SectionText {
  const { section, items, tiles } = shown
  let isFilled = false
  const heading = headingOf(section, items.length || tiles.length, () => ((isFilled = true), {}), words)
  return {
    heading: isFilled ? null : jsonBytes(heading),
    look: jsonBytes(sectionLook(shown, looks, words)).slice(1, -1),
    why: section.steps.map((_, number) => `,${jsonBytes(whyShown(section, number)).slice(1)}`),
  }
}
