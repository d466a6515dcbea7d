import type { PageKind } from '../../core/pagePlans/pagePlan'

/** A page as a drawing: rows of areas that are zones, or what else stands there. */
export interface Schematic {
  /** Names of areas, as CSS grid takes them. */
  areas: string[]
  columns: string
  /** What stands on the page besides sections: its words, and how high it is drawn in pixels. */
  blocks: { area: string, words: string, height?: number, action?: boolean }[]
}

export const schematics: Record<PageKind, Schematic> = {
  product: {
    columns: '5fr 6fr', areas: ['pictures name', 'pictures aboveBuy', 'pictures buy', 'pictures details', 'pictures besideDetails', 'belowDetails belowDetails', 'foot foot'],
    blocks: [{ area: 'pictures', words: 'pictures' }, { area: 'name', words: 'name, price, options', height: 62 }, { area: 'buy', words: 'buy button', height: 32, action: true }, { area: 'details', words: 'details', height: 62 }],
  },
  cart: {
    columns: '7fr 4fr', areas: ['lines total', 'lines belowTotal', 'belowLines belowLines'],
    blocks: [{ area: 'lines', words: 'what is in the cart', height: 190 }, { area: 'total', words: 'total, checkout', height: 76, action: true }],
  },
  added: {
    columns: '1fr', areas: ['added', 'belowAdded', 'ways'],
    blocks: [{ area: 'added', words: 'what was just added', height: 76 }, { area: 'ways', words: 'go on shopping, or to the cart', height: 40, action: true }],
  },
  category: {
    columns: '1fr', areas: ['name', 'aboveProducts', 'products', 'belowProducts'],
    blocks: [{ area: 'name', words: 'name, categories below', height: 56 }, { area: 'products', words: 'products of the category', height: 190 }],
  },
  article: {
    columns: '7fr 4fr', areas: ['text besideText', 'belowText belowText'],
    blocks: [{ area: 'text', words: 'text and pictures', height: 260 }],
  },
}
