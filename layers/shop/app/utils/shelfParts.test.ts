import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Shelf } from './shelfParts'
import { partAt, shelfParts, startOfPart } from './shelfParts'

/** A shelf with so many columns of whole cards in sight, as its grid lays them out, and a bit of the next one. */
const shelfWith = (cards: number, columns: number, gap: number, seen: number, peek = 0): Shelf => ({
  cards,
  gap,
  seen,
  step: (seen - (columns - 1) * gap) / (columns + peek) + gap,
})

describe('the parts of a shelf', () => {
  it('are as many as it takes to see every card: ten products two side by side in five', () => {
    for (const gap of [0, 8, 14, 22, 32])
      for (const seen of [320, 390, 743.5, 1180]) expect(shelfParts(shelfWith(10, 2, gap, seen))).toBe(5)
    expect(shelfParts(shelfWith(9, 2, 14, 358))).toBe(5)
    expect(shelfParts(shelfWith(4, 4, 14, 1180))).toBe(1)
    expect(shelfParts(shelfWith(0, 4, 14, 1180))).toBe(1)
  })

  it('show every card whole, begin with what was not, and are told apart, at any width', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 0, max: 40 }),
        fc.double({ min: 280, max: 1600, noNaN: true }),
        fc.constantFrom(0, 0.25, 0.35, 0.5),
        (cards, columns, gap, seen, peek) => {
          const shelf = shelfWith(cards, columns, gap, seen, peek)
          const parts = Array.from({ length: shelfParts(shelf) }, (_, part) => startOfPart(part, shelf))
          const isWhole = (card: number, start: number) =>
            card * shelf.step >= start - 1 && (card + 1) * shelf.step - gap <= start + seen + 1
          // Every card is whole in one of them …
          for (let card = 0; card < cards; card++) expect(parts.some(start => isWhole(card, start))).toBe(true)
          // … and none is there for nothing: each has one that no earlier part showed whole.
          for (const [part, start] of parts.entries()) {
            const news = Array.from({ length: cards }, (_, card) => card).filter(
              card => isWhole(card, start) && !parts.slice(0, part).some(each => isWhole(card, each)),
            )
            expect(news.length).toBeGreaterThan(0)
            expect(partAt(start, shelf)).toBe(part)
          }
        },
      ),
    )
  })
})
