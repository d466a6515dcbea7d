import bricolageGrotesque from '@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2?url'
import bricolageGrotesqueMore from '@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-ext-wght-normal.woff2?url'
import figtree from '@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2?url'
import figtreeMore from '@fontsource-variable/figtree/files/figtree-latin-ext-wght-normal.woff2?url'
import instrumentSans from '@fontsource-variable/instrument-sans/files/instrument-sans-latin-wght-normal.woff2?url'
import instrumentSansMore from '@fontsource-variable/instrument-sans/files/instrument-sans-latin-ext-wght-normal.woff2?url'
import sourceSerif from '@fontsource-variable/source-serif-4/files/source-serif-4-latin-wght-normal.woff2?url'
import sourceSerifMore from '@fontsource-variable/source-serif-4/files/source-serif-4-latin-ext-wght-normal.woff2?url'

/** The fonts that a shop can choose; `more` has the letters beyond Western Europe's. */
const families = [
  { name: 'Instrument Sans Variable', weight: '400 700', latin: instrumentSans, more: instrumentSansMore },
  { name: 'Bricolage Grotesque Variable', weight: '200 800', latin: bricolageGrotesque, more: bricolageGrotesqueMore },
  { name: 'Figtree Variable', weight: '300 900', latin: figtree, more: figtreeMore },
  { name: 'Source Serif 4 Variable', weight: '200 900', latin: sourceSerif, more: sourceSerifMore },
]

// As the packages of the fonts cut their files.
const latinRange =
  'U+0000-00FF, U+0131, U+0152-0153, U+02BB-02BC, U+02C6, U+02DA, U+02DC, U+0304, U+0308, U+0329, U+2000-206F, U+20AC, U+2122, U+2191, ' +
  'U+2193, U+2212, U+2215, U+FEFF, U+FFFD'
const moreRange =
  'U+0100-02BA, U+02BD-02C5, U+02C7-02CC, U+02CE-02D7, U+02DD-02FF, U+0304, U+0308, U+0329, U+1D00-1DBF, U+1E00-1E9F, U+1EF2-1EFF, ' +
  'U+2020, U+20A0-20AB, U+20AD-20C0, U+2113, U+2C60-2C7F, U+A720-A7FF'

/** The same address on the server and in the browser, which knows its files by whole addresses. */
const pathOf = (file: string) => new URL(file, 'http://localhost').pathname
/** Optional: where a font is not there at once, a page does without, and nothing shifts when it comes. */
const face = (name: string, weight: string, file: string, range: string) =>
  `@font-face{font-family:'${name}';font-weight:${weight};font-display:optional;` +
  `src:url(${pathOf(file)}) format('woff2');unicode-range:${range}}`
const faces = families
  .flatMap(each => [face(each.name, each.weight, each.more, moreRange), face(each.name, each.weight, each.latin, latinRange)])
  .join('')

/**
 * Fonts for a page that is drawn with these, to be there early.
 * They are declared in the page itself and once: declared again by a stylesheet that comes later, fonts that came late
 * would take their place after all, and what stands on the page would shift.
 *
 * @param used  values of font-family that the page has
 */
export function useShopFonts(used: () => string[]): void {
  const early = () => families.filter(({ name }) => used().some(each => each.includes(name)))
  useHead({
    style: [{ key: 'fonts', innerHTML: faces }],
    link: () => early().map(each => ({ rel: 'preload', href: pathOf(each.latin), as: 'font', type: 'font/woff2', crossorigin: '' })),
  })
}
