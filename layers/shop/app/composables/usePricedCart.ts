import type { CartAnswer } from '../../../../core/delivery/contract/cart'
import type { LinesAnswer } from '../../../../core/delivery/contract/catalogue'

type Warning = CartAnswer['warnings'][0]

/** A line of the cart with what it is called and what it costs; `priced` is null when it can't be sold. */
export interface CartRow {
  key: string
  sku: string
  quantity: number
  name: string
  options: string
  url: string
  image: string | null
  priced: CartAnswer['lines'][0] | null
  /** What the line would cost without what is taken off; null: nothing is. */
  before: number | null
  components: { key: string; name: string; chosen: string; quantity: number; unit: number; total: number }[]
  warnings: Warning[]
}

/** The lines of the cart as the server prices them, with names. */
export async function usePricedCart() {
  const { lines } = useCart()
  const deliver = useDeliver()
  const { data: cart, refresh } = await useAsyncData(
    'priced cart',
    async () => {
      if (!lines.value.length) return null
      const skus = [...new Set(lines.value.flatMap(line => [line.sku, ...choicesOf(line).map(each => each.sku)]))]
      const priced = await deliver<CartAnswer>('/cart', {}, { lines: lines.value.map(wantedLine) })
      // What is always in a bundle was never chosen.
      const components = priced.lines.flatMap(line => line.components.map(each => each.sku))
      const facts = await linesOf([...new Set([...skus, ...components])])
      const factOf = (sku: string) => facts.find(each => each.line === sku)
      const nameOf = (sku: string) => {
        const fact = factOf(sku)
        return fact ? [fact.name, ...Object.values(fact.options)].join(', ') : sku
      }
      const rows = lines.value.map((line, i): CartRow => {
        const fact = factOf(line.sku)
        const found = priced.lines.find(each => each.line === i) ?? null
        return {
          key: lineKey(line),
          sku: line.sku,
          quantity: line.quantity,
          name: fact?.name ?? line.sku,
          options: Object.values(fact?.options ?? {}).join(', '),
          url: fact?.url ?? '',
          image: fact?.image ?? null,
          priced: found,
          before: found?.reductions.length ? (found.was ?? found.unit) * line.quantity : null,
          components:
            found?.components.map(each => ({
              key: `${each.part} ${each.sku}`,
              name: nameOf(each.sku),
              chosen: each.chosen ?? '',
              quantity: each.quantity,
              unit: each.unit,
              total: each.total,
            })) ?? [],
          warnings: priced.warnings.filter(each => each.line === i),
        }
      })
      return {
        rows,
        lines: priced.lines,
        subtotal: priced.subtotal,
        reductions: priced.reductions.map(each => ({ ...each, on: reducedBy(each, rows) })),
        total: priced.total,
        warnings: priced.warnings.map(each => ({
          ...each,
          key: rows[each.line]!.key,
          name: nameOf(each.sku),
          partName: each.part === null ? '' : nameOf(each.part),
        })),
      }
    },
    { watch: [lines] },
  )

  async function linesOf(skus: readonly string[]): Promise<LinesAnswer['lines']> {
    const pieces = Array.from({ length: Math.ceil(skus.length / maxAsked) }, (_, i) => skus.slice(i * maxAsked, (i + 1) * maxAsked))
    return (await Promise.all(pieces.map(piece => deliver<LinesAnswer>('/catalogue/lines', { skus: piece.join() })))).flatMap(
      each => each.lines,
    )
  }
  return { cart, refresh }
}

/** The names of the lines that an offer makes cheaper; a bundle says by its own name which it is. */
const reducedBy = ({ code, key }: CartAnswer['reductions'][0], rows: readonly CartRow[]): string =>
  code === 'offer' ? rows.flatMap(row => (row.priced?.reductions.some(each => each.key === key) ? row.name : [])).join(', ') : ''

/** The delivery tells of so many at a time. */
const maxAsked = 200
