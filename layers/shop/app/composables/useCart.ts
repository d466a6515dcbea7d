import type { CartChoice, CartLine } from '../utils/cartText'
import { cartPieces, readCart } from '../utils/cartText'

const most = { lines: 100, quantity: 99 }

export const choicesOf = (line: CartLine): CartChoice[] =>
  (line.with ?? '')
    .split(',')
    .filter(Boolean)
    .map(each => {
      const [part = '', sku = '', quantity = '1'] = each.split(':')
      return { part, sku, quantity: Number(quantity) }
    })
const written = (choices: readonly CartChoice[]) =>
  choices
    .map(({ part, sku, quantity }) => [part, sku, ...(quantity === 1 ? [] : [quantity])].join(':'))
    .sort()
    .join()

/** Tells lines apart: the same bundle in another choice is another line. */
export const lineKey = (line: CartLine) => (line.with ? `${line.sku}|${line.with}` : line.sku)

/** As the delivery wants it. */
export const wantedLine = (line: CartLine) => ({
  sku: line.sku,
  quantity: line.quantity,
  ...(line.with && { choices: choicesOf(line) }),
  ...(line.from && { from: line.from }),
})

/** The cart in cookies, so that the server knows it when it renders a page. */
function useCartCookies() {
  const options = {
    default: () => null,
    maxAge: 30 * 24 * 3600,
    encode: (text: string | null) => text ?? '',
    decode: (text: string) => text,
  } as const
  const cookies = ['shop-cart', 'shop-cart-2', 'shop-cart-3'].map(name => useShopCookie<string | null>(name, options))
  return computed({
    get: () => readCart(cookies.map(cookie => cookie.value ?? '')),
    set(lines: CartLine[]) {
      const pieces = cartPieces(lines)
      if (pieces) for (const [i, cookie] of cookies.entries()) cookie.value = pieces[i] || null
    },
  })
}

/**
 * The shopper's cart, most recently added first. In the studio's shop view the address says what is in the cart instead,
 * and the shopper's own cart stays as it is.
 */
export function useCart() {
  const preview = usePreview()
  const pretended = useState<CartLine[]>('pretended-cart', () => preview.cart)
  const kept = useCartCookies()
  const stored = preview.active ? pretended : kept
  const lines = computed(() => stored.value)

  /**
   * Puts one more first; of a bundle, in this choice.
   * @param from the section or offer that it comes from
   * @returns whether there was room for it
   */
  function add(sku: string, choices: readonly CartChoice[] = [], from?: string): boolean {
    const wanted: CartLine = { sku, quantity: 1, ...(choices.length && { with: written(choices) }) }
    const same = lines.value.find(each => lineKey(each) === lineKey(wanted))
    // It came from where the first of it did.
    const line = same ?? { ...wanted, ...(from && { from }) }
    const others = lines.value.filter(each => each !== same)
    const next = [{ ...line, quantity: Math.min((same?.quantity ?? 0) + 1, most.quantity) }, ...others]
    if (next.length > most.lines || !cartPieces(next)) return false
    stored.value = next
    return true
  }

  /** Changes the quantity of a line and leaves it where it stands. */
  function change(key: string, quantity: number): void {
    stored.value = lines.value.map(line =>
      lineKey(line) === key ? { ...line, quantity: Math.min(Math.max(1, quantity), most.quantity) } : line,
    )
  }

  return {
    lines,
    count: computed(() => lines.value.reduce((sum, line) => sum + line.quantity, 0)),
    /** As the delivery contract wants it: SKU:2,SKU:1 */
    asQuery: computed(() => lines.value.map(line => `${line.sku}:${line.quantity}`).join(',')),
    /** SKUs of what was chosen in bundles, likewise. */
    partsAsQuery: computed(() => [...new Set(lines.value.flatMap(line => choicesOf(line).map(each => each.sku)))].join(',')),
    add,
    change,
    clear: () => (stored.value = []),
    remove: (key: string) => (stored.value = lines.value.filter(line => lineKey(line) !== key)),
  }
}
