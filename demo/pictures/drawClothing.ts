import type { Tint } from './colours'
import { tints } from './colours'
import { box, each, line, oval, shadow, shape } from './svg'

const { iron, white, black, cream } = tints

/** A hood with a round brim and a dark veil. */
const roundHood = (c: Tint, y = 0) =>
  `<g transform="translate(0 ${y})">` +
  shape('M39 22h22l3 16H36z', black.light) +
  line('M41 24l-2 13M46 23l-1 15M54 23l1 15M59 24l2 13', black.main, 0.6) +
  oval(50, 21, 20, 4.6, c.dark) +
  oval(50, 20, 20, 4.2, c.main) +
  shape('M40 20q1-10 10-10t10 10z', c.light) +
  `</g>`

/** A hood that stands open like a fencer's mask. */
const openHood = (c: Tint) =>
  shape('M36 38q-3-28 14-28t14 28z', c.main) +
  shape('M40 34q-1-17 10-17t10 17q-10 4-20 0z', black.light) +
  line('M41 28h18M41 23h18M46 18v17M54 18v17', black.main, 0.6)

const sleeves = (c: Tint) =>
  shape('M34 38l-9 4-7 26 9 3 8-20zM66 38l9 4 7 26-9 3-8-20z', c.main) + shape('M18 68l9 3-1 4-9-3zM82 68l-9 3 1 4 9-3z', c.dark)
const torso = (c: Tint, bottom: number) =>
  shape(`M34 38q16-5 32 0l2 ${bottom - 38}H32z`, c.main) +
  shape(`M34 38l4-1-1 ${bottom - 38}h-5z`, c.light) +
  line(`M50 38v${bottom - 40}`, c.dark, 1.2)
const mesh = (c: Tint) =>
  each([44, 49, 54, 59], y => each([38, 43, 57, 62], (x, i) => `<circle cx="${x + (i % 2)}" cy="${y}" r=".9" fill="${c.dark}"/>`))
const trouserLegs = (c: Tint, top: number) =>
  shape(`M32 ${top}h36l3 ${88 - top}H55L50 ${top + 12}l-5 ${76 - top}H29z`, c.main) +
  shape(`M32 ${top}h5l-1 ${88 - top}h-7z`, c.light) +
  shape('M29 84h16v4H29zM55 84h16v4H55z', c.dark)

export const drawClothing = {
  suit: (c: Tint) =>
    shadow(90, 28) +
    trouserLegs(c, 62) +
    sleeves(c) +
    torso(c, 66) +
    box(39, 48, 8, 8, c.light, 1) +
    line('M39 50h8', c.dark, 0.8) +
    roundHood(c),
  suitAiry: (c: Tint) => shadow(90, 28) + trouserLegs(c, 62) + sleeves(c) + torso(c, 66) + mesh(c) + openHood(c),
  jacket: (c: Tint) =>
    `<g transform="translate(0 10)">` +
    shadow(72, 28) +
    sleeves(c) +
    torso(c, 70) +
    box(32, 66, 37, 5, c.dark, 1) +
    box(38, 50, 9, 9, c.light, 1) +
    line('M38 52h9', c.dark, 0.8) +
    roundHood(c) +
    `</g>`,
  jacketOpen: (c: Tint) =>
    `<g transform="translate(0 10)">` +
    shadow(72, 28) +
    sleeves(c) +
    torso(c, 70) +
    box(32, 66, 37, 5, c.dark, 1) +
    box(54, 50, 9, 9, c.light, 1) +
    line('M54 52h9', c.dark, 0.8) +
    openHood(c) +
    `</g>`,
  smock: (c: Tint) =>
    `<g transform="translate(0 6)">` +
    shadow(78, 26) +
    sleeves(c) +
    shape('M34 38q16-5 32 0l5 38H29z', c.main) +
    shape('M34 38l4-1-2 39h-7z', c.light) +
    shape('M43 37l7 12 7-12z', c.dark) +
    box(40, 58, 20, 11, c.light, 1.4) +
    line('M40 60.5h20', c.dark, 0.8) +
    `</g>`,
  trousers: (c: Tint) =>
    shadow(90, 24) +
    trouserLegs(c, 24) +
    box(32, 22, 36, 6, c.dark, 1) +
    line('M50 28v9', c.dark, 1) +
    box(34, 44, 10, 10, c.light, 1) +
    box(56, 44, 10, 10, c.light, 1),
  veil: (c: Tint) =>
    shadow(84, 26) +
    shape('M30 38h40l6 38q-26 8-52 0z', black.light) +
    each([36, 43, 50, 57, 64], x => line(`M${x} 38L${50 + (x - 50) * 1.35} 79`, black.main, 0.7)) +
    each([48, 58, 68], y => line(`M${29 - (y - 48) * 0.12} ${y}q21 5 ${42 + (y - 48) * 0.24} 0`, black.main, 0.7)) +
    oval(50, 38, 34, 8, c.dark) +
    oval(50, 36.5, 34, 7.4, c.main) +
    shape('M33 35q2-18 17-18t17 18q-17 6-34 0z', c.light) +
    shape('M33 33q17 6 34 0v3q-17 6-34 0z', iron.main),
  hat: (c: Tint) =>
    shadow(72, 34) +
    oval(50, 58, 38, 10, c.dark) +
    oval(50, 56, 38, 9, c.main) +
    shape('M30 54q2-26 20-26t20 26q-20 7-40 0z', c.light) +
    shape('M30 50q20 7 40 0v4q-20 7-40 0z', iron.main),
  gloves: (c: Tint) => shadow(86, 30) + glove(c, 'translate(6 0)') + glove(c, 'translate(94 0) scale(-1 1)'),
  glovesThin: (c: Tint) => shadow(84, 26) + thinGlove(c, 'translate(8 2)') + thinGlove(c, 'translate(92 2) scale(-1 1)'),
  gaiters: (c: Tint) =>
    shadow(86, 28) +
    each(
      [28, 56],
      x =>
        shape(`M${x} 24h18l3 54h-24z`, c.main) +
        shape(`M${x} 24h4l-1 54h-6z`, c.light) +
        box(x - 1, 22, 20, 5, c.dark, 1.5) +
        box(x - 4, 76, 26, 5, c.dark, 1.5) +
        line(`M${x + 9} 30v44`, c.dark, 1.2),
    ),
}

function glove(c: Tint, at: string): string {
  return (
    `<g transform="${at}">` +
    shape('M18 52h24l3 30H14z', white.main) +
    shape('M18 52h5l-3 30h-6z', cream.main) +
    shape('M18 54V36q0-4 3-4t3 4V24q0-4 3-4t3 4v-2q0-4 3-4t3 4v5q0-3 3-3t3 4v16l4-6q4-3 5 1l-6 15z', c.main) +
    line('M24 36v8M30 24v20M36 27v17', c.dark, 1) +
    box(17, 51, 26, 4, c.dark, 2) +
    `</g>`
  )
}

function thinGlove(c: Tint, at: string): string {
  return (
    `<g transform="${at}">` +
    shape('M17 80V40q0-4 3-4t3 4V26q0-4 3-4t3 4v-3q0-4 3-4t3 4v6q0-4 3-4t3 4v18l5-7q4-3 5 1L38 62v18z', c.main) +
    shape('M17 80V44l3 2v34z', c.light) +
    line('M23 40v8M29 26v20M35 29v18', c.dark, 0.9) +
    box(16, 77, 23, 4, c.dark, 2) +
    `</g>`
  )
}
