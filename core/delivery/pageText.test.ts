import { makeSettings } from '../catalogue/makeSettings.testing'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { builtInLooks } from '../looks/builtInLooks'
import { LookBook } from '../looks/lookBook'
import type { Section } from '../sections/section'
import { anyPage, anyPlainShop, anyShopper, shopOf } from '../selection/anyShop.testing'
import { resolvePage } from '../selection/resolvePage'
import { UnknownSubjectError } from '../selection/shop'
import { DeliveredTexts } from './deliveredTexts'
import { pageAnswer } from './pageAnswer'
import { pageText } from './pageText'

const settings = makeSettings({ languages: ['en', 'de'] })
const looks = new LookBook(builtInLooks)
const someText = (...texts: string[]) =>
  fc.record({ en: fc.constantFrom(...texts), de: fc.constantFrom(...texts) }, { requiredKeys: ['en'] })

/** What a section says and looks like, with what has to be written in a form of its own. */
const anyDress = fc.record({
  heading: someText('Related', 'More from {brand}', '“{name}” – für €', '{nothing} "quoted" \\'),
  otherHeadings: fc.record({ one: someText('', 'Nur dies'), without: someText('', 'Auch gut') }),
  seeAll: fc.constantFrom('no' as const, 'brand' as const, 'category' as const),
  icon: fc.constantFrom(null, 'leaf' as const, 'brand' as const),
  buttons: fc.record({ add: someText('', 'Füge hinzu'), choose: someText('') }),
})

describe('pageText', () => {
  it('is the JSON of pageAnswer in UTF-8, on any page of any shop, in every language and asked for again', () => {
    let [pages, shown, filled] = [0, 0, 0]
    fc.assert(
      fc.property(
        anyPlainShop,
        fc.array(anyDress, { minLength: 1 }),
        fc.array(fc.tuple(anyPage, anyShopper), { minLength: 1 }),
        (plain, dresses, asks) => {
          const shop = shopOf(plain)
          const sections = new Map(
            Array.from(shop.sections, ([key, section], i): [string, Section] => {
              const { seeAll, icon, ...texts } = dresses[i % dresses.length]!
              const display = { ...section.display, seeAll, heading: { ...section.display.heading, icon } }
              return [key, { ...section, ...texts, display }]
            }),
          )
          const dressed = { ...shop, sections }
          const told = { catalogue: shop.catalogue, looks, brandMarks: new Map([['Alder', '/älder.svg']]) }
          const texts = new DeliveredTexts(settings, shop.catalogue)
          for (const [page, shopper] of asks) {
            for (const language of ['en', 'de', 'fr', 'en']) {
              let resolved
              try {
                resolved = resolvePage(dressed, page, shopper)
              } catch (error) {
                expect(error).toBeInstanceOf(UnknownSubjectError)
                continue
              }
              const text = Buffer.from(pageText(page.kind, resolved, told, texts, language), 'latin1').toString('utf8')
              expect(text).toBe(JSON.stringify(pageAnswer(page.kind, resolved, told, settings, language)))
              pages++
              if (resolved.sections.length) shown++
              if (/"heading":"(?:More from [^"]|“)/.test(text)) filled++
            }
          }
        },
      ),
    )
    // Of what was generated, enough came to something.
    expect(shown / pages).toBeGreaterThan(0.1)
    expect(filled / pages).toBeGreaterThan(0.02)
  })
})
