/** What a shopper chose for a part of a bundle. */
export interface CartChoice { part: string, sku: string, quantity: number }

/** A line of the cart; the SKU is a product's, a variant's or a bundle's. */
export interface CartLine {
  sku: string
  quantity: number
  /** Of a bundle, what was chosen: `part:SKU:2,part:SKU`. No SKU has a colon or a comma. */
  with?: string
}

const most = { lines: 100, quantity: 99 }

export const choicesOf = (line: CartLine): CartChoice[] => (line.with ?? '').split(',').filter(Boolean).map((each) => {
  const [part = '', sku = '', quantity = '1'] = each.split(':')
  return { part, sku, quantity: Number(quantity) }
})
const written = (choices: readonly CartChoice[]) => choices.map(({ part, sku, quantity }) => [part, sku, ...quantity === 1 ? [] : [quantity]].join(':')).sort().join()

/** Tells lines apart: the same bundle in another choice is another line. */
export const lineKey = (line: CartLine) => line.with ? `${line.sku}|${line.with}` : line.sku

/** As the delivery wants it. */
export const wantedLine = (line: CartLine) => ({ sku: line.sku, quantity: line.quantity, ...line.with && { choices: choicesOf(line) } })

/**
 * The shopper's cart, most recently added first. It lives in a cookie, so that the server knows it when it renders a page.
 * In the studio's shop view the address says what is in the cart instead, and the shopper's own cart stays as it is.
 */
export function useCart() {
  const preview = usePreview()
  const cookie = useCookie<CartLine[]>('shop-cart', { default: () => [], maxAge: 30 * 24 * 3600, sameSite: 'lax' })
  const pretended = useState<CartLine[]>('pretended-cart', () => preview.cart)
  const stored = preview.active ? pretended : cookie
  const lines = computed(() => Array.isArray(stored.value) ? stored.value.filter(isLine) : [])

  /** Puts one more first; of a bundle, in this choice. */
  function add(sku: string, choices: readonly CartChoice[] = []): void {
    const line: CartLine = { sku, quantity: 1, ...choices.length && { with: written(choices) } }
    const same = lines.value.find(each => lineKey(each) === lineKey(line))
    const others = lines.value.filter(each => each !== same)
    stored.value = [{ ...line, quantity: Math.min((same?.quantity ?? 0) + 1, most.quantity) }, ...others].slice(0, most.lines)
  }

  /** Changes the quantity of a line and leaves it where it stands. */
  function change(key: string, quantity: number): void {
    stored.value = lines.value.map(line => lineKey(line) === key ? { ...line, quantity: Math.min(Math.max(1, quantity), most.quantity) } : line)
  }

  return {
    lines,
    count: computed(() => lines.value.reduce((sum, line) => sum + line.quantity, 0)),
    /** As the delivery contract wants it: SKU:2,SKU:1 */
    asQuery: computed(() => lines.value.map(line => `${line.sku}:${line.quantity}`).join(',')),
    add, change,
    clear: () => stored.value = [],
    remove: (key: string) => stored.value = lines.value.filter(line => lineKey(line) !== key),
  }
}

function isLine(line: unknown): line is CartLine {
  const { sku, quantity, with: choices } = (line ?? {}) as Partial<CartLine>
  return typeof sku === 'string' && Number.isInteger(quantity) && quantity! > 0 && (choices === undefined || typeof choices === 'string')
}
