import type { Tint } from './colours'
import { tints } from './colours'
import { box, disc, each, line, shadow, shape } from './svg'

const { wax, honey, steel, iron, pine, white, cream } = tints

/** One box of a hive, with hand hold. */
const chest = (y: number, height: number, c: Tint) =>
  box(24, y, 52, height, c.main) +
  box(24, y, 52, 1.6, c.light) +
  box(24, y + height - 1.6, 52, 1.6, c.dark) +
  box(42, y + height / 2 - 2, 16, 3.4, c.dark, 1.7)

const flatRoof = (y: number) =>
  box(20, y, 60, 9, steel.main, 1.5) + box(20, y, 60, 2.4, steel.light, 1.2) + box(20, y + 7, 60, 2, steel.dark)

const legs = (y: number, c: Tint) => shape(`M27 ${y}h5l-2 10h-5zM68 ${y}h5l2 10h-5z`, c.dark)

const entrance = (y: number, c: Tint) =>
  box(22, y, 56, 6, c.dark) + box(34, y + 1.6, 32, 2.6, iron.dark) + shape(`M22 ${y + 6}h56l4 3H18z`, c.main)

export const drawHives = {
  hive: (c: Tint) => shadow(87, 32) + legs(76, c) + entrance(67, c) + chest(44, 23, c) + chest(29, 15, c) + flatRoof(19),
  hiveHigh: (c: Tint) =>
    shadow(89, 32) + legs(79, c) + entrance(70, c) + chest(50, 20, c) + chest(37, 13, c) + chest(24, 13, c) + flatRoof(14),
  foamHive: (c: Tint) =>
    shadow(84, 34) +
    box(22, 70, 56, 10, c.dark, 2) +
    box(36, 73, 28, 3, iron.dark, 1) +
    box(22, 48, 56, 22, c.main, 3) +
    box(22, 32, 56, 15, c.main, 3) +
    box(40, 57, 20, 4, c.dark, 2) +
    box(40, 38, 20, 4, c.dark, 2) +
    box(19, 20, 62, 12, c.light, 4) +
    box(19, 28, 62, 4, c.dark, 2),
  nucleus: (c: Tint) =>
    shadow(82, 24) +
    box(31, 74, 38, 4, c.dark) +
    box(42, 70, 16, 3, iron.dark) +
    box(31, 38, 38, 36, c.main) +
    box(31, 38, 38, 1.6, c.light) +
    box(42, 52, 16, 3.6, c.dark, 1.8) +
    box(28, 30, 44, 8, steel.main, 1.5) +
    box(28, 30, 44, 2, steel.light) +
    disc(50, 66, 3.4, iron.dark),
  broodBox: (c: Tint) =>
    shadow(78, 36) +
    shape('M18 40h64v34H18z', c.main) +
    shape('M18 40l8-10h48l8 10z', c.dark) +
    shape('M22 39l5-6h46l5 6z', iron.dark) +
    each([30, 36, 42, 48, 54, 60, 66], x => shape(`M${x} 33h2.6l.6 6h-3.8z`, wax.main)) +
    box(18, 40, 64, 1.6, c.light) +
    box(40, 54, 20, 4.4, c.dark, 2.2) +
    box(18, 72, 64, 2, c.dark),
  super: (c: Tint) =>
    shadow(72, 36) +
    shape('M18 46h64v20H18z', c.main) +
    shape('M18 46l8-10h48l8 10z', c.dark) +
    shape('M22 45l5-6h46l5 6z', iron.dark) +
    each([30, 36, 42, 48, 54, 60, 66], x => shape(`M${x} 39h2.6l.6 6h-3.8z`, honey.main)) +
    box(18, 46, 64, 1.6, c.light) +
    box(40, 53, 20, 4, c.dark, 2) +
    box(18, 64, 64, 2, c.dark),
  floor: (c: Tint) =>
    shadow(72, 38) +
    shape('M14 60l10-20h52l10 20z', c.main) +
    shape('M21 57l7-14h44l7 14z', steel.light) +
    each([0, 1, 2, 3, 4, 5, 6], i => line(`M${30 + i * 6.6} 43L${25 + i * 8.3} 57`, steel.dark, 0.7)) +
    each([46, 50, 54], y => line(`M${29 - (y - 43) * 0.5} ${y}H${71 + (y - 43) * 0.5}`, steel.dark, 0.7)) +
    shape('M14 60h72v6H14z', c.dark) +
    box(32, 61.6, 36, 3, iron.dark),
  crownBoard: (c: Tint) =>
    shadow(70, 38) +
    shape('M14 60l11-22h50l11 22z', c.main) +
    shape('M14 60h72v4H14z', c.dark) +
    shape('M38 49h8l-1 4h-8zM54 49h8l1 4h-8z', iron.dark) +
    shape('M25 38h50l.6 1.4H24.4z', c.light),
  roof: (c: Tint) =>
    shadow(72, 38) +
    shape('M16 48h68v18H16z', steel.main) +
    shape('M16 48l10-14h48l10 14z', steel.light) +
    box(16, 64, 68, 3, steel.dark) +
    box(16, 48, 68, 1.4, white.light) +
    disc(50, 57, 2.6, iron.dark) +
    box(20, 67, 60, 2.4, c.dark),
  excluder: () =>
    shadow(72, 36) +
    shape('M16 62l10-24h48l10 24z', steel.light) +
    each([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10], i => line(`M${28 + i * 4.4} 40L${20 + i * 6} 60`, steel.dark, 1)) +
    line('M26 38h48l10 24H16z', iron.light, 2.4) +
    line('M21 50h58', iron.light, 1.6),
  stand: (c: Tint) =>
    shadow(80, 34) +
    shape('M20 38h60v9H20z', c.main) +
    box(20, 38, 60, 2, c.light) +
    shape('M24 47h8l-3 31h-7zM68 47h8l2 31h-7z', c.dark) +
    box(27, 60, 46, 5, c.main),
  frames: (c: Tint) =>
    shadow(76, 36) +
    box(10, 30, 80, 6, c.dark, 1) +
    box(18, 36, 64, 36, c.main) +
    box(22, 39, 56, 29, wax.main) +
    each([43, 48, 53, 58, 63], y => line(`M22 ${y}h56`, wax.dark, 0.8)) +
    box(10, 30, 80, 2, c.light, 1),
  framesShallow: (c: Tint) =>
    shadow(68, 36) +
    box(10, 36, 80, 6, c.dark, 1) +
    box(18, 42, 64, 22, c.main) +
    box(22, 45, 56, 15, wax.main) +
    each([49, 53, 57], y => line(`M22 ${y}h56`, wax.dark, 0.8)) +
    box(10, 36, 80, 2, c.light, 1),
  foundation: () =>
    shadow(78, 34) +
    box(26, 28, 54, 40, wax.dark, 1) +
    box(22, 32, 54, 40, wax.light, 1) +
    box(18, 36, 54, 40, wax.main, 1) +
    each([41, 48, 55, 62, 69], (y, row) =>
      each([24, 32, 40, 48, 56, 64], x => line(`M${x + (row % 2) * 4 - 2} ${y - 2}l2.4 -1.4 2.4 1.4v2.8l-2.4 1.4-2.4-1.4z`, wax.dark, 0.7)),
    ),
  wire: () =>
    shadow(78, 24) +
    disc(50, 50, 27, pine.main) +
    disc(50, 50, 21, steel.main) +
    each([20, 17.5, 15, 12.5], r => `<circle cx="50" cy="50" r="${r}" fill="none" stroke="${steel.dark}" stroke-width=".8"/>`) +
    disc(50, 50, 9, pine.light) +
    disc(50, 50, 3.6, iron.dark) +
    line('M77 50q6 10 2 22', steel.dark, 1.2),
  nails: () =>
    shadow(80, 28) +
    shape('M26 46h48l-4 34H30z', cream.main) +
    shape('M26 46h48l-1 6H27z', cream.dark) +
    box(36, 58, 28, 12, white.light, 1) +
    line('M40 63h20M40 66.5h12', iron.light, 1.2) +
    each(
      [34, 42, 50, 58, 66],
      (x, i) => line(`M${x} ${44 - (i % 2) * 5}v-14`, steel.dark, 2) + line(`M${x - 2.6} ${30 - (i % 2) * 5}h5.2`, steel.dark, 2),
    ),
  embedder: () =>
    shadow(80, 26) +
    shape('M30 70l26-26 6 6-26 26z', pine.main) +
    shape('M30 70l3 3-3 6-6 2 2-6z', pine.dark) +
    ring3() +
    disc(66, 36, 5, iron.dark),
  jig: (c: Tint) =>
    shadow(78, 34) +
    box(20, 34, 6, 42, c.dark) +
    box(74, 34, 6, 42, c.dark) +
    box(20, 66, 60, 8, c.main) +
    each([32, 42, 52, 62], x => box(x, 38, 4, 28, c.light)) +
    box(16, 40, 68, 4, c.main),
}

function ring3(): string {
  return (
    disc(66, 36, 13, steel.main) +
    each(
      [0, 45, 90, 135, 180, 225, 270, 315],
      angle => `<rect x="64.5" y="19" width="3" height="6" fill="${steel.dark}" transform="rotate(${angle} 66 36)"/>`,
    )
  )
}
