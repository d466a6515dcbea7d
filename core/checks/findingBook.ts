import type { Finding, ProductCheck } from './check'
import { productChecks } from './check'
import type { Which } from '../journal/which'
import type { Lane } from '../links/lane'
import type { CheckedShop } from './productFindings'
import { productFindings } from './productFindings'
import type { Moment } from '../time/moment'

const productsInStep = 100

/**
 * What the checks found on every product: only how much is kept, so that a million findings stay small. Single products can be looked at
 * anew.
 */
export class FindingBook {
  readonly #shop: CheckedShop
  readonly #isPutAside: (finding: Finding) => boolean
  readonly #positionOf: (sku: string) => number | undefined
  #counts = new Map<ProductCheck, Uint16Array>()
  readonly #totals = new Map<ProductCheck, number>()
  /** How many links of kinds in use lead to each product. */
  #timesTarget = new Uint32Array()
  /** Products whose links are counted among these by now. */
  #linksCounted = 0

  constructor(shop: CheckedShop, isPutAside: (finding: Finding) => boolean, positionOf: (sku: string) => number | undefined) {
    this.#shop = shop
    this.#isPutAside = isPutAside
    this.#positionOf = positionOf
  }

  /** Looks at all products, some in each step; it tells how many are done. */
  *checking(at: Moment): Generator<number, void> {
    const { products } = this.#shop.catalogue
    this.#timesTarget = new Uint32Array(products.length)
    for (this.#linksCounted = 0; this.#linksCounted < products.length;) {
      for (const target of this.#targetsFrom(products[this.#linksCounted]!.sku)) this.#timesTarget[target]!++
      if (++this.#linksCounted % productsInStep === 0) yield 0
    }
    this.#counts = new Map(productChecks.map(check => [check, new Uint16Array(products.length)]))
    for (const check of productChecks) this.#totals.set(check, 0)
    for (let position = 0; position < products.length; position++) {
      this.#check(position, at)
      if (position % productsInStep === 0) yield position
    }
  }

  /**
   * Takes over that a lane has changed.
   * @returns positions of the products that are to be looked at anew
   */
  relinked({ owner: source, key: kind, before, after }: Which & { before: Lane; after: Lane }): number[] {
    const [gone, come] = [before, after].map(lane => lane.flatMap(link => this.#positionOfTarget(link.target) ?? []))
    // A lane that is still to be counted will be counted as it is then.
    if (this.#shop.kinds.get(kind)?.retired === false && this.#positionOf(source)! < this.#linksCounted) {
      for (const target of gone!) this.#timesTarget[target]!--
      for (const target of come!) this.#timesTarget[target]!++
    }
    return [this.#positionOf(source)!, ...gone!, ...come!]
  }

  /** Looks at single products anew. */
  recheck(positions: Iterable<number>, at: Moment): void {
    for (const position of positions) this.#check(position, at)
  }

  /** How many findings of a check there are, without those that were put aside. */
  count(check: ProductCheck): number {
    return this.#totals.get(check) ?? 0
  }

  /**
   * The findings of a check in the order of the catalogue.
   * @param from how many of them to pass over
   */
  *findings(check: ProductCheck, from: number, at: Moment): Generator<Finding> {
    let passed = 0
    for (const [position, count] of this.#counts.get(check)?.entries() ?? []) {
      passed += count
      if (passed <= from) continue
      const own = [...this.#at(position, at)].filter(each => each.check === check)
      yield* own.slice(Math.max(0, own.length - (passed - from)))
      from = passed
    }
  }

  #check(position: number, at: Moment): void {
    for (const [check, counts] of this.#counts) {
      this.#totals.set(check, this.#totals.get(check)! - counts[position]!)
      counts[position] = 0
    }
    for (const { check } of this.#at(position, at)) {
      this.#counts.get(check as ProductCheck)![position]!++
      this.#totals.set(check as ProductCheck, this.#totals.get(check as ProductCheck)! + 1)
    }
  }

  *#at(position: number, at: Moment): Generator<Finding> {
    const product = this.#shop.catalogue.products[position]!
    for (const finding of productFindings(product, this.#shop, this.#timesTarget[position]!, at))
      if (!this.#isPutAside(finding)) yield finding
  }

  *#targetsFrom(source: string): Generator<number> {
    for (const kind of this.#shop.kinds.values()) {
      if (kind.retired) continue
      for (const { target } of this.#shop.links.lane(source, kind.key)) {
        const position = this.#positionOfTarget(target)
        if (position !== undefined) yield position
      }
    }
  }

  #positionOfTarget(sku: string): number | undefined {
    const product = this.#shop.catalogue.item(sku)?.product
    return product && this.#positionOf(product.sku)
  }
}
