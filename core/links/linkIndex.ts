import type { Lane } from './lane'

const emptyLane: Lane = []

/** All lanes of the shop, looked up by source and kind. */
export class LinkIndex {
  readonly #bySource = new Map<string, Map<string, Lane>>()
  /** The sources of all links that lead to a product or variant. */
  readonly #sources = new Map<string, string[]>()

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
    return this.#sources.get(sku)?.length ?? 0
  }

  /** SKUs of the products that link to this product or variant itself; one that does so as several kinds comes several times. */
  sourcesOf(sku: string): readonly string[] {
    return this.#sources.get(sku) ?? nobody
  }

  /** How many links of a kind there are, and on how many products. */
  extentOf(kind: string): { links: number; products: number } {
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
    const before = this.lane(source, kind)
    for (const { target } of before) if (!lane.some(each => each.target === target)) this.#forget(target, source)
    for (const { target } of lane) if (!before.some(each => each.target === target)) this.#note(target, source)
    const lanes = this.#bySource.get(source)
    if (lane.length) {
      if (lanes) lanes.set(kind, lane)
      else this.#bySource.set(source, new Map([[kind, lane]]))
    } else if (lanes?.delete(kind) && !lanes.size) {
      this.#bySource.delete(source)
    }
  }

  #note(target: string, source: string): void {
    const sources = this.#sources.get(target)
    if (sources) sources.push(source)
    else this.#sources.set(target, [source])
  }

  #forget(target: string, source: string): void {
    const sources = this.#sources.get(target)!
    // Their order means nothing: the last takes the place of the one that goes.
    sources[sources.indexOf(source)] = sources.at(-1)!
    sources.pop()
    if (!sources.length) this.#sources.delete(target)
  }
}

const nobody: readonly string[] = []
const noLanes: ReadonlyMap<string, Lane> = new Map()
