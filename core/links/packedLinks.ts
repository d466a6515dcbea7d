import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import type { Link, Lane } from './lane'
import type { LinkIndex } from './linkIndex'

/** All links of one kind as plain numbers, small enough to hand to another thread. */
export interface PackedKind {
  kind: string
  /** Where the lane of the product at each position begins; one more at the end. */
  starts: Int32Array
  /** The product at a position, or its n-th variant: see `targetOf`. */
  targets: Int32Array
  /** Which variant; 0: the product as a whole. */
  variants: Uint16Array
  /** Dates of those links that have any, by their number. */
  dates: Map<number, Pick<Link, 'from' | 'until'>>
}

const emptyLane: Lane = []
const noItems: readonly CatalogueItem[] = []
const productsInStep = 200

/** Packs the links of one kind, some products in each step. Links to products that the shop doesn't have are left out. */
export function* packing(
  kind: string,
  links: Pick<LinkIndex, 'items' | 'detailedLane'>,
  catalogue: Catalogue,
  positionOf: (sku: string) => number,
): Generator<void, PackedKind> {
  const starts = new Int32Array(catalogue.products.length + 1)
  const targets: number[] = []
  const variants: number[] = []
  const dates: PackedKind['dates'] = new Map()
  for (const [i, product] of catalogue.products.entries()) {
    const detailed = links.detailedLane(product.sku, kind)
    for (const [index, item] of links.items(product.sku, kind, catalogue).entries()) {
      if (!item) continue
      const { from, until } = detailed?.[index] ?? {}
      if (from || until) dates.set(targets.length, { ...(from && { from }), ...(until && { until }) })
      targets.push(positionOf(item.product.sku))
      variants.push(item.variant ? item.product.variants.indexOf(item.variant) + 1 : 0)
    }
    starts[i + 1] = targets.length
    if (i % productsInStep === 0) yield
  }
  return { kind, starts, targets: Int32Array.from(targets), variants: Uint16Array.from(variants), dates }
}

/** Packed links as lanes again; lanes can change. */
export class PackedLinks {
  readonly #catalogue: Catalogue
  readonly #positionOf: (sku: string) => number | undefined
  readonly #kinds: ReadonlyMap<string, PackedKind>
  readonly #changed = new Map<string, Lane>()

  constructor(kinds: readonly PackedKind[], catalogue: Catalogue, positionOf: (sku: string) => number | undefined) {
    this.#kinds = new Map(kinds.map(each => [each.kind, each]))
    this.#catalogue = catalogue
    this.#positionOf = positionOf
  }

  /** The lane of a product; empty when nothing is linked. */
  lane(source: string, kind: string): Lane {
    const changed = this.#changed.get(`${kind} ${source}`)
    if (changed) return changed
    const packed = this.#kinds.get(kind)
    const position = this.#positionOf(source)
    if (!packed || position === undefined) return emptyLane
    const start = packed.starts[position]!
    return this.items(source, kind).map((item, i) => ({ target: (item!.variant ?? item!.product).sku, ...packed.dates.get(start + i) }))
  }

  /** The products and variants that a lane's links lead to, in their order; undefined: one that the shop doesn't have. */
  items(source: string, kind: string): readonly (CatalogueItem | undefined)[] {
    const changed = this.#changed.get(`${kind} ${source}`)
    if (changed) return changed.map(link => this.#catalogue.item(link.target))
    const packed = this.#kinds.get(kind)
    const position = this.#positionOf(source)
    if (!packed || position === undefined) return noItems
    const items: CatalogueItem[] = []
    for (let i = packed.starts[position]!; i < packed.starts[position + 1]!; i++) {
      const product = this.#catalogue.products[packed.targets[i]!]!
      const variant = packed.variants[i]!
      items.push({ product, variant: variant ? product.variants[variant - 1]! : null })
    }
    return items
  }

  /** The lane of a product if any of its links may have dates. */
  detailedLane(source: string, kind: string): Lane | undefined {
    const mayHaveDates = this.#changed.has(`${kind} ${source}`) || this.#kinds.get(kind)?.dates.size
    return mayHaveDates ? this.lane(source, kind) : undefined
  }

  setLane(source: string, kind: string, lane: Lane): void {
    this.#changed.set(`${kind} ${source}`, lane)
  }

  /** Positions of the products that have a link of any kind to this product or one of its variants. */
  *sourcesOf(sku: string): Generator<number> {
    const target = this.#positionOf(sku)
    const own = new Set([sku, ...(this.#catalogue.product(sku)?.variants.map(each => each.sku) ?? [])])
    for (const { starts, targets } of this.#kinds.values()) {
      let source = 0
      for (const [i, each] of targets.entries()) {
        if (each !== target) continue
        while (starts[source + 1]! <= i) source++
        yield source
      }
    }
    for (const [key, lane] of this.#changed) {
      if (lane.some(link => own.has(link.target))) yield this.#positionOf(key.slice(key.indexOf(' ') + 1))!
    }
  }
}
