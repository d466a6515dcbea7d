import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import { SkuNumbers } from '../catalogue/skuNumbers'
import type { Lane, Link } from './lane'
import { NumberLists } from './numberLists'

const emptyLane: Lane = []
const noItems: readonly CatalogueItem[] = []

/**
 * All lanes of the shop, looked up by source and kind. They are kept as lists of the numbers that SKUs have: a million links as objects
 * would be most of what the garbage collector has to go through.
 */
export class LinkIndex {
  readonly numbers = new SkuNumbers()
  /** The targets of each source, by kind. */
  readonly #targets = new Map<string, NumberLists>()
  /** By kind and source, the lanes in which a link has more to it than its target. */
  readonly #detailed = new Map<string, Map<number, Lane>>()
  /** The sources of all links that lead to a product or variant. */
  readonly #sources = new NumberLists()

  /** The lane of a product; empty when nothing is linked. */
  lane(source: string, kind: string): Lane {
    const number = this.numbers.find(source)
    return number === undefined ? emptyLane : this.#laneOf(number, kind)
  }

  /**
   * The products and variants that a lane's links lead to, in their order; undefined: one that the catalogue doesn't have.
   * It is quickest with a catalogue that has the same numbers.
   */
  items(source: string, kind: string, catalogue: Catalogue): readonly (CatalogueItem | undefined)[] {
    const number = this.numbers.find(source)
    const targets = this.#targets.get(kind)
    const length = number === undefined ? 0 : (targets?.length(number) ?? 0)
    if (!length) return noItems
    const items: (CatalogueItem | undefined)[] = []
    const areSame = catalogue.numbers === this.numbers
    for (let i = 0; i < length; i++) {
      const target = targets!.at(number!, i)
      items.push(areSame ? catalogue.itemAt(target) : catalogue.item(this.numbers.sku(target)))
    }
    return items
  }

  /** The lane of a product if any of its links has more to it than its target. */
  detailedLane(source: string, kind: string): Lane | undefined {
    const lanes = this.#detailed.get(kind)
    return lanes?.size ? lanes.get(this.numbers.find(source)!) : undefined
  }

  /** How many links the lane of a product has. */
  laneLength(source: string, kind: string): number {
    const number = this.numbers.find(source)
    return number === undefined ? 0 : (this.#targets.get(kind)?.length(number) ?? 0)
  }

  /** All lanes of a product that are not empty, by kind. */
  lanes(source: string): ReadonlyMap<string, Lane> {
    const number = this.numbers.find(source)
    const lanes = new Map<string, Lane>()
    if (number === undefined) return lanes
    for (const [kind, targets] of this.#targets) if (targets.length(number)) lanes.set(kind, this.#laneOf(number, kind))
    return lanes
  }

  /** How many links lead to this product or variant itself. */
  timesTarget(sku: string): number {
    const number = this.numbers.find(sku)
    return number === undefined ? 0 : this.#sources.length(number)
  }

  /** SKUs of the products that link to this product or variant itself; one that does so as several kinds comes several times. */
  sourcesOf(sku: string): string[] {
    const number = this.numbers.find(sku)
    return number === undefined ? [] : this.#sources.of(number).map(source => this.numbers.sku(source))
  }

  /** How many links of a kind there are, and on how many products. */
  extentOf(kind: string): { links: number; products: number } {
    const extent = { links: 0, products: 0 }
    const targets = this.#targets.get(kind)
    if (!targets) return extent
    for (const source of targets.lists()) {
      extent.links += targets.length(source)
      extent.products++
    }
    return extent
  }

  setLane(source: string, kind: string, lane: Lane): void {
    const number = this.numbers.of(source)
    let targets = this.#targets.get(kind)
    if (!targets) this.#targets.set(kind, (targets = new NumberLists()))
    const before = new Set(targets.of(number))
    const after = lane.map(link => this.numbers.of(link.target))
    targets.set(number, after)
    for (const target of after) if (!before.delete(target)) this.#sources.add(target, number)
    for (const gone of before) this.#sources.remove(gone, number)
    this.#keepDetails(number, kind, lane)
  }

  #keepDetails(source: number, kind: string, lane: Lane): void {
    let detailed = this.#detailed.get(kind)
    if (!lane.some(({ from, until, note }) => from !== undefined || until !== undefined || note !== undefined)) {
      detailed?.delete(source)
      return
    }
    if (!detailed) this.#detailed.set(kind, (detailed = new Map()))
    detailed.set(source, lane)
  }

  #laneOf(source: number, kind: string): Lane {
    const targets = this.#targets.get(kind)
    const length = targets?.length(source) ?? 0
    if (!length) return emptyLane
    const detailed = this.#detailed.get(kind)?.get(source)
    if (detailed) return detailed
    const lane: Link[] = []
    for (let i = 0; i < length; i++) lane.push({ target: this.numbers.sku(targets!.at(source, i)) })
    return lane
  }
}
