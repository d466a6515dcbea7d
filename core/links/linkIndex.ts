import type { Lane } from './lane'

const emptyLane: Lane = []

/** All lanes of the shop, looked up by source and kind. */
export class LinkIndex {
  readonly #bySource = new Map<string, Map<string, Lane>>()
  readonly #timesTarget = new Map<string, number>()

  /** The lane of a product; empty when nothing is linked. */
  lane(source: string, kind: string): Lane {
    return this.#bySource.get(source)?.get(kind) ?? emptyLane
  }

  /** All lanes of a product that are not empty, by kind. */
  lanes(source: string): ReadonlyMap<string, Lane> {
    return this.#bySource.get(source) ?? noLanes
  }

  /** How many links lead to this product or variant itself. */
  timesTarget(sku: string): number {
    return this.#timesTarget.get(sku) ?? 0
  }

  /** How many links of a kind there are, and on how many products. */
  extentOf(kind: string): { links: number, products: number } {
    const extent = { links: 0, products: 0 }
    for (const lanes of this.#bySource.values()) {
      const lane = lanes.get(kind)
      if (!lane) continue
      extent.links += lane.length
      extent.products++
    }
    return extent
  }

  setLane(source: string, kind: string, lane: Lane): void {
    for (const { target } of this.lane(source, kind)) this.#count(target, -1)
    for (const { target } of lane) this.#count(target, 1)
    const lanes = this.#bySource.get(source)
    if (lane.length) {
      if (lanes) lanes.set(kind, lane)
      else this.#bySource.set(source, new Map([[kind, lane]]))
    } else if (lanes?.delete(kind) && !lanes.size) {
      this.#bySource.delete(source)
    }
  }

  #count(target: string, by: 1 | -1): void {
    this.#timesTarget.set(target, this.timesTarget(target) + by)
  }
}

const noLanes: ReadonlyMap<string, Lane> = new Map()
