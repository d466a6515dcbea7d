import type { Look, LookParts, PageStyle } from './look'
import { houseKey } from './look'

/** What the shop's own look is as long as nobody says otherwise. */
export const baseParts: LookParts = {
  accent: '#46603a',
  ground: null,
  card: null,
  ink: '#1f2933',
  soft: '#5b6470',
  line: '#d9cfbc',
  border: 'none',
  lineWidth: 1,
  corner: 12,
  space: 20,
  gap: 20,
  textSize: 15,
  button: 'outlined',
  buttonCorner: 8,
  badge: 'tinted',
  badgeColour: '#48622b',
}
export const basePage: PageStyle = { ground: '#fdfcf9', textFont: 'instrument-sans', headFont: 'bricolage-grotesque' }

/** The looks that Manada starts with. */
export const builtInLooks: Look[] = [
  { key: houseKey, name: { en: 'The shop’s own', de: 'Der Laden selbst' }, parts: {}, page: basePage },
  { key: 'plain', name: { en: 'Plain', de: 'Schlicht' }, parts: {}, page: null },
  { key: 'framed', name: { en: 'Framed', de: 'Gerahmt' }, parts: { ground: '#ffffff', border: 'section', corner: 12 }, page: null },
  {
    key: 'tray',
    name: { en: 'Tray', de: 'Tablett' },
    parts: { ground: '#f1ebdd', card: '#ffffff', soft: '#565f6a', corner: 16, gap: 16, button: 'filled', buttonCorner: 20 },
    page: null,
  },
  {
    key: 'ruled',
    name: { en: 'Ruled', de: 'Liniert' },
    parts: { border: 'cards', line: '#1f2933', corner: 0, gap: 12, button: 'plain', buttonCorner: 0, badge: 'outlined' },
    page: null,
  },
  {
    key: 'dusk',
    name: { en: 'Dusk', de: 'Dämmerung' },
    page: null,
    parts: {
      accent: '#f0cf86',
      ground: '#26322f',
      ink: '#f7f3e8',
      soft: '#c3ccc4',
      line: '#4b5a55',
      corner: 14,
      button: 'filled',
      badge: 'filled',
      badgeColour: '#f0cf86',
    },
  },
]
