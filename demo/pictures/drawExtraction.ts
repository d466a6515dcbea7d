import type { Tint } from './colours'
import { tints } from './colours'
import { box, disc, each, line, oval, ring, shadow, shape } from './svg'

const { steel, iron, honey, clay, white, pine, wax } = tints

/** A drum with its feet and tap. */
const drum = (left: number, top: number, width: number, height: number, c: Tint) => {
  const right = left + width
  const middle = left + width / 2
  const bottom = top + height
  return (
    shape(`M${left} ${top}h${width}v${height}q-${width / 2} 8-${width} 0z`, c.main) +
    shape(`M${left} ${top}h${width * 0.2}v${height + 2.6}q-${width * 0.1}-1-${width * 0.2}-2.6z`, c.light) +
    line(`M${left} ${top + height * 0.34}q${width / 2} 7 ${width} 0M${left} ${top + height * 0.7}q${width / 2} 7 ${width} 0`, c.dark, 1) +
    oval(middle, top, width / 2, width / 8, c.dark) +
    oval(middle, top, width / 2 - 3, width / 8 - 2, iron.dark) +
    box(right - 2, bottom - 10, 9, 5, iron.main, 1) +
    box(right + 4, bottom - 13, 3, 10, iron.dark, 1)
  )
}
const feet = (left: number, right: number, y: number) =>
  line(`M${left + 4} ${y}l-4 13M${right - 4} ${y}l4 13M50 ${y + 3}v11`, iron.light, 3.4)
const crank = (top: number, reach: number) =>
  box(26, top - 1, 48, 4, iron.main, 1) +
  line(`M50 ${top}V${top - 13}H${50 + reach}`, iron.dark, 3) +
  disc(50 + reach, top - 13, 4.4, clay.main)

export const drawExtraction = {
  extractorSmall: (c: Tint) => shadow(90, 30) + feet(30, 70, 74) + drum(30, 36, 40, 38, c) + crank(35, 18),
  extractor: (c: Tint) => shadow(90, 33) + feet(27, 73, 75) + drum(26, 33, 48, 42, c) + crank(32, 21),
  extractorWide: (c: Tint) => shadow(90, 37) + feet(21, 79, 75) + drum(20, 34, 60, 41, c) + crank(33, 24),
  extractorMotor: (c: Tint) =>
    shadow(90, 37) +
    feet(21, 79, 75) +
    drum(20, 36, 60, 39, c) +
    box(18, 33, 64, 5, iron.main, 1) +
    box(39, 15, 22, 19, clay.main, 3) +
    box(39, 15, 22, 4, clay.light, 2) +
    each([44, 50, 56], x => box(x - 1, 22, 2, 8, clay.dark, 1)),
  motor: () =>
    shadow(76, 30) +
    box(26, 36, 44, 32, clay.main, 5) +
    box(26, 36, 44, 7, clay.light, 4) +
    each([34, 41, 48, 55, 62], x => box(x - 1.2, 47, 2.4, 15, clay.dark, 1)) +
    box(70, 46, 10, 12, iron.main, 2) +
    box(80, 50, 7, 4, steel.dark, 1) +
    box(20, 68, 58, 5, iron.dark, 1),
  legs: () =>
    shadow(84, 32) +
    line('M34 26L22 82M66 26l12 56M50 24v60', iron.main, 5) +
    line('M34 26L22 82M66 26l12 56M50 24v60', iron.light, 1.4) +
    oval(50, 27, 24, 6, steel.main) +
    oval(50, 26, 19, 4, steel.dark) +
    line('M29 58h42', iron.light, 3),
  basket: (c: Tint) =>
    shadow(82, 28) +
    line('M30 24h40v52H30zM30 37h40M30 50h40M30 63h40M40 24v52M50 24v52M60 24v52', c.dark, 1.6) +
    line('M30 24h40v52H30z', c.main, 3.4) +
    line('M36 24q14-16 28 0', iron.light, 3),
  strainer: (c: Tint) =>
    shadow(76, 34) +
    shape('M22 40h56l-8 28q-20 7-40 0z', c.main) +
    shape('M22 40h10l4 28.5-6-.5z', c.light) +
    oval(50, 40, 28, 8, c.dark) +
    oval(50, 40, 24, 6, white.main) +
    each([40, 45, 50, 55, 60], x => line(`M${x} 35.5v9`, steel.dark, 0.6)) +
    each([37, 40, 43], y => line(`M27 ${y}h46`, steel.dark, 0.6)) +
    line('M22 40H10M78 40h12', c.dark, 3),
  cloth: (c: Tint) =>
    shadow(78, 30) +
    shape('M22 38q28-12 56 0l-6 36q-22 8-44 0z', c.main) +
    shape('M22 38q28 12 56 0-28-12-56 0z', c.light) +
    line('M32 46l4 26M44 49l2 27M56 49l-2 27M68 46l-4 26', c.dark, 0.9) +
    line('M26 52q24 9 48 0M27 62q23 9 46 0', c.dark, 0.9),
  tank: (c: Tint) =>
    shadow(88, 28) +
    shape('M30 26h40v56H30z', c.main) +
    box(30, 26, 9, 56, c.light) +
    line('M30 40h40M30 68h40', c.dark, 1) +
    box(27, 20, 46, 7, c.dark, 2) +
    oval(50, 20, 23, 4, c.light) +
    line('M44 17q6-7 12 0', iron.main, 2.4) +
    box(68, 72, 11, 5, iron.main, 1) +
    box(76, 68, 3.4, 12, iron.dark, 1) +
    line('M24 48v-8h6M76 48v-8h-6', iron.light, 2.4),
  bucket: (c: Tint) =>
    shadow(84, 26) +
    shape('M28 36h44l-5 46H33z', c.main) +
    shape('M28 36h9l3 46h-7z', c.light) +
    box(25, 30, 50, 8, c.dark, 3) +
    line('M28 42q22 30 44 0', iron.light, 1.8) +
    box(47, 54, 12, 3, iron.main, 1),
  bucketGate: (c: Tint) =>
    shadow(84, 26) +
    shape('M28 36h44l-5 46H33z', c.main) +
    shape('M28 36h9l3 46h-7z', c.light) +
    box(25, 30, 50, 8, c.dark, 3) +
    line('M28 42q22 30 44 0', iron.light, 1.8) +
    box(66, 68, 12, 6, honey.dark, 1) +
    box(76, 63, 4, 15, iron.dark, 1.5),
  gate: () =>
    shadow(78, 26) +
    box(22, 40, 26, 22, honey.dark, 3) +
    box(22, 40, 26, 6, honey.main, 3) +
    each([28, 33, 38, 43], x => line(`M${x} 47v14`, honey.light, 0.8)) +
    shape('M48 36h14v32H48z', honey.main) +
    shape('M62 40h12q6 0 6 8v22H68V56h-6z', honey.dark) +
    box(52, 22, 6, 18, iron.main, 2) +
    disc(55, 22, 5, iron.dark) +
    oval(74, 71, 6, 2.4, iron.dark),
  fork: () =>
    shadow(82, 24) +
    shape('M22 78l6 6 24-26-5-5z', clay.main) +
    shape('M22 78l6 6-6 3-3-3z', clay.dark) +
    shape('M46 52l6 6 8-6-8-8z', steel.dark) +
    each([0, 1, 2, 3, 4, 5, 6], i => line(`M${51 + i * 1.7} ${44 + i * 1.6}l${18 - i * 0.2} -${20 - i * 0.6}`, steel.main, 1.1)),
  knife: (c: Tint) =>
    shadow(80, 28) +
    shape('M40 56L76 20q6 2 5 9L49 63z', steel.main) +
    shape('M40 56L76 20l2 1.4L43 59z', white.light) +
    shape('M40 56l9 7-4 5-9-8z', iron.main) +
    shape('M36 60l9 8-18 18q-6 2-8-2t1-6z', c.main) +
    shape('M36 60l3 2.6-17 19-2-3z', c.light),
  knifeHeated: () =>
    shadow(80, 28) +
    shape('M40 56L76 20q6 2 5 9L49 63z', steel.main) +
    shape('M40 56L76 20l2 1.4L43 59z', clay.light) +
    shape('M40 56l9 7-4 5-9-8z', iron.main) +
    shape('M36 60l9 8-18 18q-6 2-8-2t1-6z', iron.dark) +
    line('M22 84q-10 4-8-8t14-8 12-14', iron.main, 2.2) +
    disc(38, 67, 2, clay.main),
  roller: () =>
    shadow(80, 28) +
    shape('M24 76l6 6 18-20-5-5z', pine.main) +
    line('M46 58l8-8q2-14 14-14', steel.dark, 3) +
    '<g transform="rotate(-45 66 44)">' +
    box(52, 36, 30, 14, honey.main, 5) +
    each([55, 60, 65, 70, 75], x => each([39, 43, 47], y => disc(x, y, 1.2, honey.dark))) +
    '</g>',
  tray: () =>
    shadow(76, 38) +
    shape('M14 44h72l-6 26H20z', steel.main) +
    shape('M14 44h72l-2 6H16z', steel.light) +
    shape('M20 46h60l-2 8H22z', honey.main) +
    box(24, 34, 52, 5, pine.main, 1) +
    box(30, 39, 40, 10, wax.main) +
    line('M10 44h80', steel.dark, 3),
  melter: (c: Tint) =>
    shadow(86, 30) +
    box(26, 34, 48, 44, c.main, 4) +
    box(26, 34, 9, 44, c.light, 3) +
    shape('M26 34l8-12h32l8 12z', c.dark) +
    line('M44 20q6-6 12 0', iron.main, 2.4) +
    disc(50, 60, 8, iron.dark) +
    disc(50, 60, 6, white.light) +
    line('M50 60l3-4', clay.main, 1.6) +
    box(72, 66, 12, 5, honey.dark, 1) +
    line('M32 78v6M68 78v6', iron.dark, 4),
  pump: () =>
    shadow(80, 32) +
    box(22, 46, 34, 24, clay.main, 4) +
    box(22, 46, 34, 6, clay.light, 3) +
    disc(66, 58, 15, steel.main) +
    disc(66, 58, 9, steel.dark) +
    disc(66, 58, 3, white.main) +
    box(61, 30, 10, 14, steel.dark, 1) +
    box(78, 53, 12, 10, steel.dark, 1) +
    box(18, 70, 66, 5, iron.dark, 1),
  refractometer: () =>
    shadow(78, 30) +
    shape('M18 62l40-26 8 12-40 26q-6 2-9-3t1-9z', iron.main) +
    shape('M18 62l40-26 2.6 4-41 27z', iron.light) +
    shape('M58 36l12-8 8 12-12 8z', honey.main) +
    shape('M70 28l10-6 4 2-6 4zM58 36l12-8 1.4 2-12 8z', steel.main) +
    disc(24, 68, 6, iron.dark),
  creamer: () =>
    shadow(84, 20) +
    box(48, 16, 4, 44, steel.main, 2) +
    line('M50 58q-18 4-14 14t14 4q10 6 14-4t-14-14', steel.dark, 3) +
    line('M50 60v16', steel.dark, 2) +
    box(46, 12, 8, 10, iron.dark, 2),
  cabinet: (c: Tint) =>
    shadow(90, 28) +
    box(26, 16, 48, 68, c.main, 4) +
    box(30, 24, 40, 48, white.light, 3) +
    shape('M38 40h24l-3 28H41z', honey.main) +
    box(36, 36, 28, 5, honey.dark, 2) +
    box(30, 76, 40, 4, c.dark, 1) +
    disc(66, 20, 1.6, clay.main) +
    disc(60, 20, 1.6, iron.dark) +
    line('M30 84v4M70 84v4', iron.dark, 4),
  opener: (c: Tint) =>
    shadow(76, 30) +
    shape('M18 58q0-8 8-8h34l14-12 8 8-12 16q-2 4-8 4H26q-8 0-8-8z', c.main) +
    shape('M18 57q1-7 8-7h34l2 4H24z', c.light) +
    ring(28, 58, 4, c.dark, 2.4),
}
