import type { Tint } from './colours'
import { tints } from './colours'
import { box, disc, each, line, oval, ring, shadow, shape } from './svg'

const { honey, glass, white, iron, cream, gold, clay, green, steel, wax, leather } = tints

/** A honey jar with its lid in a colour; the body's width and height make its size. */
const jar = (lid: Tint, width: number, height: number) => {
  const x = 50 - width / 2
  const top = 82 - height
  return (
    shadow(84, width * 0.62) +
    box(x, top, width, height, glass.main, 6) +
    box(x, top + 6, width, height - 6, honey.main, 6) +
    box(x + 3, top + 5, 5, height - 10, honey.light, 2.5) +
    box(x + 2, top - 3, width - 4, 4, glass.dark) +
    box(x, top - 12, width, 10, lid.main, 2) +
    box(x, top - 12, width, 3, lid.light, 2) +
    box(x, top - 4.5, width, 2, lid.dark, 1)
  )
}
const jarLabel = (width: number, height: number) =>
  box(50 - width * 0.36, 82 - height * 0.66, width * 0.72, height * 0.4, white.light, 2) +
  line(
    `M${50 - width * 0.2} ${82 - height * 0.52}h${width * 0.4}M${50 - width * 0.12} ${82 - height * 0.42}h${width * 0.24}`,
    honey.dark,
    1.4,
  )

export const drawPantry = {
  jarSmall: (c: Tint) => jar(c, 30, 34) + jarLabel(30, 34),
  jar: (c: Tint) => jar(c, 40, 46) + jarLabel(40, 46),
  jarLarge: (c: Tint) => jar(c, 46, 56) + jarLabel(46, 56),
  jarHex: (c: Tint) =>
    shadow(84, 26) +
    shape('M30 36h40l4 8v30l-4 8H30l-4-8V44z', honey.main) +
    shape('M30 36h40l2 4H28z', glass.main) +
    shape('M26 44l4-8h8v46h-8l-4-8z', honey.light) +
    line('M38 36v46M62 36v46', honey.dark, 0.8) +
    box(31, 24, 38, 11, c.main, 2) +
    box(31, 24, 38, 3, c.light, 2) +
    box(31, 32, 38, 2.4, c.dark, 1) +
    shape('M50 50l9 5v10l-9 5-9-5V55z', white.light),
  lid: (c: Tint) =>
    shadow(76, 32) +
    box(20, 48, 60, 20, c.dark, 4) +
    each([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11], i => line(`M${24 + i * 4.8} 54v11`, c.main, 1)) +
    oval(50, 48, 30, 11, c.main) +
    oval(50, 47, 25, 8.6, c.light) +
    oval(50, 47, 19, 6, c.main),
  lidComb: () =>
    shadow(76, 32) +
    box(20, 48, 60, 20, gold.dark, 4) +
    oval(50, 48, 30, 11, gold.main) +
    each([38, 46, 54, 62], (x, i) => shape(`M${x} ${44 + (i % 2) * 4}l3 1.6v3l-3 1.6-3-1.6v-3z`, gold.dark)),
  labels: (c: Tint) =>
    shadow(80, 30) +
    disc(44, 50, 26, c.main) +
    ring(44, 50, 20, c.dark, 0.8) +
    ring(44, 50, 15, c.dark, 0.8) +
    disc(44, 50, 9, cream.main) +
    disc(44, 50, 5, leather.dark) +
    shape('M44 76h40V58H68z', c.light) +
    box(64, 60, 18, 13, white.light, 1.5) +
    shape('M73 62l4 2.3v4.4l-4 2.3-4-2.3v-4.4z', honey.main),
  seals: (c: Tint) =>
    shadow(80, 30) +
    each(
      [30, 46, 62],
      (y, i) =>
        box(18 + i * 4, y - 6, 58, 11, c.main, 2) +
        box(42 + i * 4, y - 5, 10, 9, honey.main, 1.5) +
        line(`M${22 + i * 4} ${y - 0.5}h16M${56 + i * 4} ${y - 0.5}h16`, c.dark, 1),
    ),
  giftBox: (c: Tint) =>
    shadow(84, 32) +
    box(20, 44, 60, 38, c.main, 2) +
    box(20, 44, 12, 38, c.light, 2) +
    box(16, 34, 68, 12, c.dark, 2) +
    box(46, 34, 8, 48, honey.main) +
    line('M50 34q-16-16-20-6t20 6q16-16 20-6t-20 6', honey.dark, 3),
  carton: (c: Tint) =>
    shadow(84, 34) +
    shape('M18 40l32-12 32 12v34L50 86 18 74z', c.main) +
    shape('M50 52l32-12v34L50 86z', c.dark) +
    shape('M18 40l32-12 32 12-32 12z', c.light) +
    line('M34 34l32 12', c.dark, 3) +
    box(26, 58, 14, 10, white.light, 1),
  bottle: (c: Tint) =>
    shadow(88, 16) +
    box(38, 40, 24, 46, c.main, 5) +
    box(38, 40, 7, 46, c.light, 4) +
    shape('M38 46q1-10 7-12V20h10v14q6 2 7 12z', c.main) +
    box(43, 14, 14, 8, iron.main, 2) +
    box(40, 54, 20, 18, white.light, 1.5) +
    shape('M50 57l5 3v6l-5 3-5-3v-6z', honey.main),
  fondant: (c: Tint) =>
    shadow(76, 34) +
    box(18, 42, 64, 30, white.main, 4) +
    box(18, 42, 64, 7, white.light, 4) +
    box(30, 42, 40, 30, c.main) +
    line('M38 52h24M38 58h24M44 64h12', c.dark, 1.6) +
    box(18, 66, 64, 6, white.dark, 3),
  patty: () =>
    shadow(72, 34) +
    shape('M20 44q30-12 60 0l4 22q-34 12-68 0z', wax.main) +
    shape('M20 44q30-12 60 0-30 12-60 0z', wax.light) +
    each([30, 42, 54, 66], (x, i) => disc(x, 58 + (i % 2) * 4, 1.8, honey.dark)),
  canisterLiquid: (c: Tint) =>
    shadow(88, 24) +
    box(30, 30, 42, 54, c.main, 5) +
    box(30, 30, 10, 54, c.light, 5) +
    shape('M38 30q0-12 12-12h6v6h-4q-6 0-6 6z', c.dark) +
    box(58, 20, 12, 10, iron.main, 2) +
    box(40, 48, 26, 24, white.light, 2) +
    shape('M53 52q6 7 6 11a6 6 0 0 1-12 0q0-4 6-11z', honey.main),
  feeder: (c: Tint) =>
    shadow(76, 32) +
    shape('M20 46h60v24q-30 8-60 0z', c.main) +
    shape('M20 46h9v26q-6-1-9-2z', c.light) +
    oval(50, 46, 30, 8, c.dark) +
    oval(50, 46, 26, 6, honey.main) +
    oval(50, 45, 8, 3.6, white.light) +
    box(45, 34, 10, 11, white.main, 3) +
    box(45, 34, 3, 11, white.light, 2),
  frameFeeder: (c: Tint) =>
    shadow(78, 34) +
    box(10, 30, 80, 6, c.dark, 1) +
    box(20, 34, 60, 40, c.main, 2) +
    box(24, 38, 52, 32, c.light, 2) +
    box(24, 52, 52, 18, honey.main, 2) +
    line('M26 52q13-3 25 0t24 0', honey.light, 1.4) +
    each([32, 44, 56, 68], x => line(`M${x} 40v8`, c.dark, 1.4)),
  entranceFeeder: (c: Tint) =>
    shadow(80, 26) +
    box(34, 22, 26, 36, glass.main, 5) +
    box(34, 34, 26, 24, honey.main, 4) +
    box(37, 26, 4, 30, glass.light, 2) +
    box(31, 56, 32, 9, c.main, 2) +
    shape('M31 65h48v9H25v-4z', c.dark) +
    box(58, 66, 24, 4, c.light, 1),
  contactFeeder: (c: Tint) =>
    shadow(78, 28) +
    shape('M26 40h48l-4 36H30z', c.main) +
    shape('M26 40h9l2 36h-7z', c.light) +
    oval(50, 40, 24, 7, c.dark) +
    oval(50, 40, 20, 5, c.light) +
    oval(50, 40, 9, 2.6, steel.main) +
    each([46, 50, 54], x => disc(x, 40, 0.7, iron.dark)),
  pouch: (c: Tint) =>
    shadow(86, 24) +
    shape('M30 22h40l4 58q-24 6-48 0z', c.main) +
    shape('M30 22h8l-3 60q-6-.5-9-2z', c.light) +
    box(29, 18, 42, 6, c.dark, 1.5) +
    disc(50, 52, 14, white.light) +
    shape('M50 44q8 8 0 18-8-10 0-18z', green.main) +
    line('M50 62V48', green.dark, 1),
  strip: (c: Tint) =>
    shadow(80, 26) +
    box(30, 22, 40, 56, white.main, 2) +
    box(30, 22, 40, 14, c.main, 2) +
    each([38, 46, 54], x => box(x, 42, 5, 32, c.light, 1)) +
    line('M36 29h22', white.light, 2) +
    disc(64, 29, 2, clay.main),
}
