/** Numbers for SKUs, from 0 on in the order in which they come: what is kept of a great many of them is kept by number. */
export class SkuNumbers {
  readonly #numbers = new Map<string, number>()
  readonly #skus: string[] = []

  /** The number of a SKU; one that has none yet gets the next. */
  of(sku: string): number {
    let number = this.#numbers.get(sku)
    if (number !== undefined) return number
    number = this.#skus.push(sku) - 1
    this.#numbers.set(sku, number)
    return number
  }

  /** The number of a SKU, if it has one. */
  find(sku: string): number | undefined {
    return this.#numbers.get(sku)
  }

  /** @param number that a SKU has */
  sku(number: number): string {
    return this.#skus[number]!
  }
}
