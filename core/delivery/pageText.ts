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

  let json = `{"page":{"kind":"${kind}","subjects":${jsonBytes(page.subjects)}},"plan":${texts.plan(page.plan, language)}`
  json += `,"style":${texts.houseStyle(looks)},"sections":[`
  let separator = ''
  for (const shown of page.sections) {
    const { section, zone, items, tiles } = shown
    const count = items.length || tiles.length
    const text = texts.section(looks, section, count === 1 ? ofOne : ofSeveral, () => writeSection(shown, shop, words))
    json += separator + text.heading
    separator = ','
    if (text.headingIsFilled) json += jsonBytes(told.heading(section, count))
    // Zones have nothing in them to escape.
    json += `,"zone":"${zone}"`
    if (text.leadsOn) json += `,"seeAll":${jsonBytes(told.seeAll(section))},"mark":${jsonBytes(told.mark(section))}`
    json += text.look
    const last = items.length - 1
    for (let i = 0; i <= last; i++) {
      const item = items[i]!
      json += texts.of(item, language)
      json += (i < last ? text.why : text.whyLast)[item.step]!
    }
    json += tiles.length ? `],"categories":${jsonBytes(told.tiles(shown))}}` : '],"categories":[]}'
  }
  return `${json}]}`
}

/** Pieces of JSON: what of a section is the same on all pages that show one product, or several. */
function writeSection(shown: ShownSection, { looks }: AnswerShop, words: Words): SectionText {
  const { section, items, tiles } = shown
  const { seeAll, heading: headingDisplay } = section.display
  let headingIsFilled = false
  const heading = headingOf(section, items.length || tiles.length, () => ((headingIsFilled = true), {}), words)
  const leadsOn = seeAll !== 'no' || headingDisplay.icon === 'brand'
  const why = section.steps.map((_, number) => `,${jsonBytes(whyShown(section, number)).slice(1)}`)
  return {
    // Keys have nothing in them to escape.
    heading: `{"key":"${section.key}","heading":${headingIsFilled ? '' : jsonBytes(heading)}`,
    headingIsFilled,
    leadsOn,
    look: `${leadsOn ? '' : ',"seeAll":null,"mark":null'},${jsonBytes(sectionLook(shown, looks, words)).slice(1, -1)},"items":[`,
    why: why.map(each => `${each},`),
    whyLast: why,
  }
}
