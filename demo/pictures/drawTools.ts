import type { Tint } from './colours'
import { tints } from './colours'
import { box, disc, each, line, oval, ring, shadow, shape } from './svg'

const { steel, iron, leather, pine, clay, cream, white, honey, wax, green } = tints

/** A smoker: can, funnel lid and bellows. */
const smoker = (c: Tint, height: number) => {
  const top = 78 - height
  return (
    shadow(84, 30) +
    shape(`M58 ${top + 14}h14l6 ${height - 18}-14 6z`, leather.main) +
    shape(`M72 ${top + 14}l4 2 6 ${height - 18}-4-2z`, leather.dark) +
    each([0, 1, 2], i => line(`M60 ${top + 24 + i * 9}l15 2`, leather.dark, 1)) +
    box(26, top, 30, height, c.main, 2) +
    box(26, top, 8, height, c.light, 2) +
    box(26, top + height * 0.45, 30, 3, c.dark) +
    box(24, 76, 34, 5, c.dark, 2) +
    shape(`M26 ${top}q2-16 18-20l10-4 4 8-5 3q3 6 3 13z`, c.dark) +
    shape(`M26 ${top}q2-15 16-19l-3 5q-6 6-6 14z`, c.main) +
    line(`M24 ${top + 12}q-8 6 0 14`, iron.main, 2)
  )
}
const puff = () =>
  `<g fill="none" stroke="#9aa3a8" stroke-width="2" stroke-linecap="round" opacity=".7"><path d="M60 20q4-5 1-9t4-7"/><path d="M66 ` +
  `24q5-4 3-8t5-6"/></g>`

/** A bag that stands on its own, with a label. */
const bag = (c: Tint, label: string) =>
  shadow(86, 26) +
  shape('M28 24h44l4 58q-26 6-52 0z', c.main) +
  shape('M28 24h8l-3 60q-6-.5-9-2z', c.light) +
  box(27, 18, 46, 8, c.dark, 2) +
  box(35, 42, 30, 24, white.light, 2) +
  label

export const drawTools = {
  smokerSmall: (c: Tint) => smoker(c, 38) + `<g transform="translate(0 12)">${puff()}</g>`,
  smoker: (c: Tint) => smoker(c, 48) + puff(),
  fuel: (c: Tint) =>
    bag(c, shape('M44 60q-4-8 6-16 10 8 6 16-6 4-12 0z', clay.main) + shape('M47 60q-2-4 3-8 5 4 3 8-3 2-6 0z', honey.main)),
  bellows: () =>
    shadow(82, 28) +
    shape('M30 22l30 6-2 50-30-8z', leather.main) +
    shape('M60 28l8-3-1 48-9 5z', leather.dark) +
    each([36, 46, 56, 66], y => line(`M30 ${y}l29 6`, leather.dark, 1.2)) +
    shape('M28 20l34 7 8-4-34-6z', pine.main) +
    shape('M26 68l33 9 9-5v4l-9 6-33-9z', pine.dark),
  canister: (c: Tint) =>
    shadow(86, 24) +
    box(28, 30, 44, 52, c.main, 4) +
    box(28, 30, 12, 52, c.light, 4) +
    box(25, 22, 50, 10, c.dark, 3) +
    line('M42 20q8-8 16 0', iron.main, 2.6) +
    box(40, 46, 24, 16, cream.light, 2),
  hiveTool: (c: Tint) =>
    shadow(86, 20) +
    `<g transform="rotate(28 50 50)">` +
    shape('M45 14h10v10l3 44-3 18H45l-3-18 3-44z', c.main) +
    shape('M45 14h3v10l-1 44 1 18h-3l-3-18 3-44z', c.light) +
    shape('M44 82h12l-1 6H45z', steel.light) +
    shape('M45 14h10l1-5H44z', steel.main) +
    disc(50, 66, 2.6, cream.main) +
    `</g>`,
  jTool: (c: Tint) =>
    shadow(86, 22) +
    `<g transform="rotate(30 50 50)">` +
    shape('M46 24h8l2 46-2 18h-8l-2-18z', c.main) +
    shape('M46 24h3l-1 46 1 18h-3l-2-18z', c.light) +
    line('M50 26V16q0-6 6-6h6', c.main, 6) +
    shape('M45 84h10l-1 5h-8z', steel.light) +
    disc(50, 62, 2.4, cream.main) +
    `</g>`,
  pocketTool: (c: Tint) =>
    shadow(78, 22) +
    `<g transform="rotate(35 50 50)">` +
    box(44, 28, 12, 42, c.main, 3) +
    box(44, 28, 4, 42, c.light, 3) +
    shape('M45 70h10l-1 10h-8z', steel.main) +
    shape('M45 28l-3-8h8l5 8z', steel.main) +
    ring(50, 34, 2.4, c.dark, 1.4) +
    `</g>`,
  grip: () =>
    shadow(82, 28) +
    line('M30 20q-8 18 4 32l10 10', iron.main, 5) +
    line('M70 20q8 18-4 32L56 62', iron.main, 5) +
    disc(50, 56, 5, clay.main) +
    shape('M34 60h8v22h-8zM58 60h8v22h-8z', steel.main) +
    shape('M30 78h14v5H30zM56 78h14v5H56z', steel.dark) +
    line('M28 18l6-4M72 18l-6-4', pine.main, 6),
  rest: () =>
    shadow(84, 32) +
    line('M24 26v46M76 26v46', iron.main, 4) +
    line('M24 72h52', iron.dark, 4) +
    line('M20 26q4-8 8 0M72 26q4-8 8 0', iron.main, 4) +
    box(30, 34, 40, 5, pine.dark, 1) +
    box(33, 39, 34, 26, pine.main) +
    box(36, 41, 28, 21, wax.main),
  brush: (c: Tint) =>
    shadow(76, 36) +
    shape('M14 50q18-8 30-4v8q-14 4-30-1z', c.main) +
    box(42, 42, 44, 9, c.dark, 3) +
    each([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], i => line(`M${45 + i * 3.2} 51v${19 + (i % 3)}`, i % 2 ? cream.dark : wax.main, 2)),
  wing: () =>
    shadow(74, 34) +
    shape('M16 60q22-34 68-30-8 10-18 12 2 6-6 8 0 6-10 6-4 6-12 4-10 6-22 0z', white.main) +
    line('M18 60q24-24 62-29M36 50q16-2 22-2M30 54q14 2 20 2', white.dark, 1.2),
  box: (c: Tint) =>
    shadow(80, 34) +
    box(18, 42, 64, 36, c.main, 2) +
    box(18, 42, 64, 4, c.light, 2) +
    line('M30 42V28q0-4 4-4h32q4 0 4 4v14', c.dark, 4) +
    box(26, 54, 22, 16, c.dark, 1) +
    box(52, 54, 22, 16, c.dark, 1),
  entrance: () =>
    shadow(68, 36) +
    box(14, 46, 72, 14, pine.main, 1) +
    box(14, 46, 72, 3, pine.light, 1) +
    box(34, 53, 32, 7, iron.dark) +
    each([40, 46, 52, 58], x => line(`M${x} 53v7`, steel.main, 1)) +
    box(24, 53, 6, 7, iron.dark),
  trap: () =>
    shadow(82, 24) +
    shape('M34 40h32v34q-16 10-32 0z', honey.light) +
    shape('M34 54h32v20q-16 10-32 0z', honey.dark) +
    shape('M34 40q0-16 16-20 16 4 16 20z', green.light) +
    box(47, 12, 6, 10, iron.main, 2) +
    oval(50, 40, 16, 4, green.dark) +
    oval(50, 40, 5, 1.6, iron.dark),
  straps: (c: Tint) =>
    shadow(80, 28) +
    ring(44, 52, 22, c.main, 9) +
    ring(44, 52, 22, c.light, 2) +
    ring(44, 52, 11, c.dark, 6) +
    line('M62 66l20 8', c.main, 8) +
    box(74, 62, 14, 16, steel.main, 2) +
    box(77, 66, 8, 3, steel.dark, 1),
  scale: () =>
    shadow(78, 36) +
    box(16, 58, 68, 14, iron.main, 3) +
    box(16, 58, 68, 4, iron.light, 3) +
    box(20, 46, 60, 8, steel.main, 2) +
    box(46, 54, 8, 4, steel.dark) +
    box(40, 62, 20, 7, green.light, 1) +
    line('M44 65.5h5M52 65.5h4', iron.dark, 1.4),
}
