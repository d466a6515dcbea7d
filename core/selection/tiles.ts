import type { Product } from '../catalogue/product'
import { isForSale } from '../catalogue/product'
import type { FillStep } from '../fillSteps/fillStep'
import { idleReason, stepTypeOf } from '../fillSteps/fillStep'
import type { Section } from '../sections/section'
import { roundRobin } from '../sorted'
import type { StepContext } from '../candidates/stepContext'
import { listsBelow, positionsIn } from '../candidates/inOrder'

/** Why a category takes no place: nothing in it is for sale, it is there already, or the places are full. */
export type TileHeldBack = 'emptyCategory' | 'duplicate' | 'noRoom'

/** A category that a section shows. */
export interface Tile {
  key: string
  /** The fill step that brought it, counted from 0. */
  step: number
  /** Its best seller that is for sale: its picture stands for the category. */
  product: Product
}

/** What became of every category that the steps of a section of tiles bring. */
export interface Tiles {
  taken: Tile[]
  heldBack: { key: string; step: number; reason: TileHeldBack }[]
}

/**
 * The categories that a section of tiles shows on the page of a category. Steps that find products bring none.
 * @param all whether to go on when the places are full, to tell of the rest
 */
export function tilesOf(section: Section, context: StepContext, all: boolean): Tiles {
  const tiles: Tiles = { taken: [], heldBack: [] }
  const lists = section.steps.map((step, number) =>
    (idleReason(step, context) ? [] : (stepTypeOf(step).categories?.(step, context) ?? [])).map(key => ({ key, step: number })),
  )
  for (const { key, step } of section.takeTurns ? roundRobin(lists) : lists.flat()) {
    if (!all && tiles.taken.length === section.places) break
    const product = productFor(key, context)
    const reason = product ? heldBack(key, step, tiles.taken, section) : 'emptyCategory'
    if (reason) tiles.heldBack.push({ key, step, reason })
    else tiles.taken.push({ key, step, product: product! })
  }
  return tiles
}

/** Why a category that sells something takes no place; null: it takes one. */
function heldBack(key: string, step: number, taken: readonly Tile[], { places, steps }: Section): TileHeldBack | null {
  if (taken.some(each => each.key === key)) return 'duplicate'
  const ofStep = taken.filter(each => each.step === step).length
  return taken.length >= places || ofStep >= (steps[step]!.cap ?? places) ? 'noRoom' : null
}

/** Whether a step can bring categories. */
export const bringsTiles = (step: FillStep): boolean => stepTypeOf(step).categories !== undefined

function productFor(key: string, context: StepContext): Product | null {
  for (const position of positionsIn(listsBelow(key, context), 'best-selling', context)) {
    const product = context.shop.index.productAt(position)
    if (isForSale(product, null, context.shopper.at)) return product
  }
  return null
}
