/** What was measured of a shelf, in CSS pixels. */
export interface Shelf {
  /** How much of it is in sight. */
  seen: number
  /** From the beginning of one card to that of the next. */
  step: number
  /** Between two cards. */
  gap: number
  /** How many cards it has. */
  cards: number
}

/** How many whole cards are in sight; one where not even one is whole. */
const wholeCards = ({ seen, step, gap }: Shelf) => Math.max(1, Math.floor((seen + gap + 0.5) / step))

/** In how many parts a shelf is seen: each begins with the first card that was not whole in the one before. */
export const shelfParts = (shelf: Shelf): number => Math.max(1, Math.ceil(shelf.cards / wholeCards(shelf)))

/** How far a shelf is scrolled where a part of it begins, counted from 0; the last stops at the end of the shelf. */
export function startOfPart(part: number, shelf: Shelf): number {
  const end = shelf.cards * shelf.step - shelf.gap - shelf.seen
  return Math.max(0, Math.min(part * wholeCards(shelf) * shelf.step, end))
}

/** Which part is in sight when a shelf is scrolled so far: the one whose beginning is nearest, and of equal ones the last. */
export function partAt(scrolled: number, shelf: Shelf): number {
  const distances = Array.from({ length: shelfParts(shelf) }, (_, part) => Math.abs(startOfPart(part, shelf) - scrolled))
  return distances.lastIndexOf(Math.min(...distances))
}
