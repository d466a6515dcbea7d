import type { Tint } from './colours'
import { tints } from './colours'
import { box, disc, each, line, oval, placed, ring, shadow, shape } from './svg'

const { steel, iron, green, white, honey, cream, wax, pine, clay, violet, yellow } = tints

/** A flower head on its stalk. */
const bloom = (c: Tint, petals: number) =>
  line('M0 0v22', green.dark, 1.6) +
  shape('M0 14q8-8 10-2-2 6-10 2z', green.main) +
  each(
    Array.from({ length: petals }, (_, i) => (i * 360) / petals),
    angle => `<ellipse cx="0" cy="-5.5" rx="2.6" ry="4.6" fill="${c.main}" transform="rotate(${angle})"/>`,
  ) +
  disc(0, 0, 2.8, yellow.dark)
const spike = (c: Tint) =>
  line('M0 -14v36', green.dark, 1.4) +
  each([-14, -10, -6, -2, 2], y => oval(-2.4, y, 2.4, 1.9, c.main) + oval(2.4, y - 1.6, 2.4, 1.9, c.light)) +
  shape('M0 14q-7-7-9-1 2 5 9 1z', green.main)

/** A seed packet with a flower on it. */
const packet = (c: Tint, flower: string) =>
  shadow(90, 24) +
  box(28, 12, 44, 76, cream.light, 2) +
  box(28, 12, 44, 8, c.dark, 2) +
  box(28, 20, 44, 12, c.main) +
  line('M36 26h28', white.light, 2.6) +
  line('M28 18h44', white.light, 0.8) +
  flower +
  box(28, 80, 44, 8, c.light, 1)

/** A book that stands a little turned. */
const book = (c: Tint, cover: string) =>
  shadow(88, 24) +
  shape('M30 16h40q4 0 4 4v62q0 4-4 4H30z', c.main) +
  shape('M26 20q0-4 5-4h3v70h-3q-5 0-5-4z', c.dark) +
  box(70, 20, 4, 62, cream.dark) +
  box(34, 16, 37, 70, c.main, 1) +
  cover

export const drawGarden = {
  packetMeadow: (c: Tint) =>
    packet(
      c,
      placed(bloom(c, 8), { x: 42, y: 50 }) +
        placed(bloom(honey, 6), { x: 58, y: 46 }) +
        placed(bloom(violet, 7), { x: 51, y: 58, scale: 0.9 }),
    ),
  packetBloom: (c: Tint) => packet(c, placed(bloom(c, 8), { x: 50, y: 50, scale: 1.5 })),
  packetSpike: (c: Tint) =>
    packet(c, placed(spike(c), { x: 40, y: 56 }) + placed(spike(c), { x: 50, y: 52, scale: 1.15 }) + placed(spike(c), { x: 60, y: 57 })),
  packetClover: (c: Tint) =>
    packet(
      c,
      line('M50 58v18', green.dark, 1.8) +
        each([0, 120, 240], angle => `<ellipse cx="50" cy="50" rx="6" ry="8" fill="${green.main}" transform="rotate(${angle} 50 58)"/>`) +
        disc(50, 45, 6.5, c.main) +
        disc(48, 43, 2.6, c.light),
    ),
  tree: (c: Tint) =>
    shadow(88, 22) +
    shape('M36 68h28l-4 18H40z', clay.main) +
    box(34, 64, 32, 6, clay.dark, 2) +
    line('M50 66V38', pine.dark, 3.4) +
    each(
      [
        [50, 28, 13],
        [38, 38, 10],
        [62, 38, 10],
        [50, 42, 11],
      ].map((_, i) => i),
      i => {
        const [x, y, r] = [
          [50, 28, 13],
          [38, 38, 10],
          [62, 38, 10],
          [50, 42, 11],
        ][i] as [number, number, number]
        return disc(x, y, r, i % 2 ? green.main : green.light)
      },
    ) +
    each([42, 50, 58], (x, i) => disc(x, 30 + i * 4, 2.2, c.main)),
  bookHive: (c: Tint) =>
    book(
      c,
      box(44, 54, 20, 16, c.light) +
        box(42, 48, 24, 6, honey.main, 1) +
        box(46, 64, 16, 2, c.dark) +
        line('M42 26h24M42 32h16', white.light, 2.4),
    ),
  bookBee: (c: Tint) =>
    book(
      c,
      oval(53, 56, 11, 8, honey.main) +
        line('M49 49v14M55 48.5v15', iron.dark, 2.6) +
        oval(49, 46, 6, 4, white.light) +
        oval(57, 46, 6, 4, white.light) +
        line('M42 26h24M42 32h18', white.light, 2.4),
    ),
  bookFlower: (c: Tint) => book(c, placed(bloom(wax, 8), { x: 53, y: 52, scale: 1.5 }) + line('M42 26h24M42 32h14', white.light, 2.4)),
  bookJar: (c: Tint) =>
    book(c, box(45, 52, 16, 19, honey.main, 3) + box(45, 46, 16, 5, white.light, 1) + line('M42 26h24M42 32h20', white.light, 2.4)),
  log: (c: Tint) =>
    book(
      c,
      each([44, 51, 58, 65], y => line(`M42 ${y}h24`, c.light, 1.2)) + box(42, 24, 24, 12, white.light, 1) + line('M45 30h18', c.dark, 1.4),
    ) +
    line('M76 30L64 84', pine.main, 3) +
    shape('M64 84l-1 4 2.6-3z', iron.dark),
  cage: (c: Tint) =>
    shadow(70, 34) +
    box(18, 42, 64, 22, c.main, 3) +
    box(18, 42, 64, 4, c.light, 3) +
    each(
      [30, 50, 70],
      x =>
        disc(x, 54, 7.5, c.dark) +
        disc(x, 54, 6, iron.dark) +
        line(`M${x - 5} 52h10M${x - 5} 56h10M${x - 2} 49v10M${x + 2} 49v10`, steel.main, 0.6),
    ),
  cageRoller: (c: Tint) =>
    shadow(84, 18) +
    each([0, 1, 2, 3, 4, 5, 6], i => line(`M${40 + i * 3.4} 30v40`, c.dark, 1.2)) +
    box(36, 22, 28, 9, c.main, 3) +
    box(36, 68, 28, 11, c.main, 3) +
    each([40, 50, 60], y => line(`M39 ${y}h22`, c.dark, 1)) +
    box(46, 16, 8, 7, c.light, 1),
  cups: (c: Tint) =>
    shadow(74, 32) +
    each(
      [26, 42, 58, 74],
      x => shape(`M${x - 6} 40h12l-2 14q-4 4-8 0z`, c.main) + oval(x, 40, 6, 2.4, c.dark) + shape(`M${x - 6} 40h3l1 14h-2z`, c.light),
    ) +
    each([34, 50, 66], x => shape(`M${x - 6} 56h12l-2 14q-4 4-8 0z`, c.main) + oval(x, 56, 6, 2.4, c.dark)),
  barFrame: (c: Tint) =>
    shadow(80, 36) +
    box(10, 26, 80, 6, c.dark, 1) +
    box(18, 32, 5, 44, c.main) +
    box(77, 32, 5, 44, c.main) +
    box(18, 72, 64, 5, c.main) +
    each([44, 58], y => box(22, y, 56, 4, c.light) + each([28, 37, 46, 55, 64, 72], x => shape(`M${x - 3} ${y + 4}h6l-1 6h-4z`, wax.main))),
  graft: (c: Tint) =>
    shadow(82, 22) +
    `<g transform="rotate(40 50 50)">` +
    box(46, 28, 8, 40, c.main, 3) +
    box(46, 28, 3, 40, c.light, 2) +
    box(48, 68, 4, 14, steel.main) +
    shape('M48 82q2 8-4 10l6-2z', steel.dark) +
    box(48, 16, 4, 12, steel.main, 1) +
    `</g>`,
  pen: (c: Tint) =>
    shadow(80, 24) +
    `<g transform="rotate(38 50 50)">` +
    box(43, 22, 14, 46, white.main, 4) +
    box(43, 22, 5, 46, white.light, 3) +
    box(43, 18, 14, 20, c.main, 4) +
    shape('M45 68h10l-2 8h-6z', iron.main) +
    box(48.5, 76, 3, 6, c.dark, 1) +
    `</g>`,
  tube: (c: Tint) =>
    shadow(86, 16) +
    box(38, 22, 24, 40, '#dbe7e8', 3) +
    box(41, 24, 4, 36, white.light, 2) +
    box(36, 18, 28, 6, c.main, 2) +
    line('M40 20h20M42 18v6M50 18v6M58 18v6', c.dark, 0.7) +
    box(46, 54, 8, 28, c.main, 2) +
    box(40, 50, 20, 6, c.light, 3) +
    box(42, 80, 16, 4, c.dark, 2),
  incubator: (c: Tint) =>
    shadow(84, 34) +
    box(18, 34, 64, 46, c.main, 5) +
    shape('M22 34q28-22 56 0z', '#dbe7e8') +
    line('M26 33q24-17 48 0', white.light, 1.6) +
    box(26, 52, 26, 12, iron.dark, 2) +
    line('M30 58h5M38 58h5M46 58h2', green.light, 2) +
    disc(66, 58, 5, iron.main) +
    line('M66 58v-4', white.light, 1.4) +
    box(26, 72, 48, 3, c.dark, 1),
  mating: (c: Tint) =>
    shadow(84, 28) +
    shape('M26 46h48l-4 34H30z', c.main) +
    shape('M26 46h9l2 34h-7z', c.light) +
    box(22, 34, 56, 13, clay.main, 3) +
    box(22, 34, 56, 4, clay.light, 3) +
    disc(50, 68, 5, iron.dark) +
    ring(50, 68, 7, yellow.main, 2),
  clip: (c: Tint) =>
    shadow(78, 22) +
    line('M34 24q-4 22 10 34M66 24q4 22-10 34', c.main, 5) +
    ring(50, 66, 12, c.dark, 2) +
    each([41, 45, 50, 55, 59], x => line(`M${x} 57v18`, c.main, 1.2)) +
    disc(34, 22, 5, c.light) +
    disc(66, 22, 5, c.light),
  loupe: () =>
    shadow(84, 20) +
    line('M60 60l16 20', iron.main, 7) +
    disc(44, 42, 22, steel.main) +
    disc(44, 42, 17, '#dfecee') +
    line('M34 34q6-7 14-6', white.light, 3),
  kit: (c: Tint) =>
    shadow(88, 36) +
    box(14, 60, 38, 24, pine.main, 1) +
    box(14, 60, 38, 2, pine.light) +
    box(26, 70, 14, 3, pine.dark, 1.5) +
    box(14, 46, 38, 14, pine.light) +
    box(11, 38, 44, 8, steel.main, 1.5) +
    shape('M58 56h24l2 28H56z', c.main) +
    shape('M62 56q-2-18 8-18t8 18z', white.main) +
    shape('M64 53q0-10 6-10t6 10z', iron.main) +
    box(60, 68, 20, 3, c.dark, 1) +
    line('M88 48L80 84', steel.dark, 3.4) +
    line('M89 44l-3 8', clay.main, 4.6),
  honeycomb: () =>
    shadow(78, 32) +
    box(22, 34, 56, 42, pine.dark, 2) +
    box(26, 38, 48, 34, honey.main) +
    each([42, 50, 58, 66], (y, row) =>
      each([30, 38, 46, 54, 62], x => shape(`M${x + (row % 2) * 4} ${y - 3}l3.4 2v4l-3.4 2-3.4-2v-4z`, row % 2 ? honey.dark : honey.light)),
    ),
}
