import type { Brand } from '../products/item'
import { box, disc, line, oval, ring, shape } from './svg'

/** The marks of the brands: one simple figure each, on a ground of its own. */
const figures: Record<Brand, { ground: string; figure: string }> = {
  larkmoor: {
    ground: '#46603a',
    figure:
      shape('M18 62C30 40 46 36 60 44C66 34 76 30 84 30C78 36 76 42 76 48C72 66 52 76 34 72L22 76Z', '#f4f1e8') +
      disc(66, 42, 3, '#46603a'),
  },
  corrie: { ground: '#e9edee', figure: ring(42, 46, 22, '#3c4650', 7) + ring(62, 62, 15, '#c4735c', 6) },
  hollin: { ground: '#f4eee1', figure: shape('M16 30H46L40 48H60L54 30H84V70H62L66 52H34L38 70H16Z', '#99653c') },
  marrowby: { ground: '#3c4650', figure: shape('M50 14L81 32V68L50 86L19 68V32Z', '#aeb9c0') + disc(50, 50, 15, '#3c4650') },
  quill: {
    ground: '#eae4ec',
    figure: shape('M24 82C26 48 46 22 80 16C82 46 62 70 34 72Z', '#67588c') + line('M22 86C34 62 50 44 70 28', '#eae4ec', 4),
  },
  oskerry: {
    ground: '#dbe7e8',
    figure: shape('M50 12C66 34 74 46 74 60A24 24 0 0 1 26 60C26 46 34 34 50 12Z', '#3f6d89') + oval(42, 62, 6, 10, '#dbe7e8'),
  },
  tarn: {
    ground: '#e3ecdf',
    figure:
      line('M14 66C24 56 34 56 44 66S64 76 74 66S84 58 88 60', '#346a6c', 7) +
      shape('M50 54C36 44 36 24 50 12C64 24 64 44 50 54Z', '#526e36'),
  },
  penny: {
    ground: '#f3e3b4',
    figure:
      [0, 72, 144, 216, 288].map(turn => `<g transform="rotate(${turn} 50 50)">${oval(50, 28, 11, 16, '#bd9626')}</g>`).join('') +
      disc(50, 50, 11, '#97402c'),
  },
}

/** A brand's mark as an SVG document. */
export function brandMark(brand: Brand): string {
  const { ground, figure } = figures[brand]
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">${box(0, 0, 100, 100, ground, 22)}${figure}</svg>`
}
