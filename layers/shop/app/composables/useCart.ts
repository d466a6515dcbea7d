/** A line of the cart; the SKU is a product's or a variant's. */
export interface CartLine {
  sku: string
  quantity: number
}

const most = { lines: 100, quantity: 99 }

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

  function add(sku: string, quantity = 1): void {
    const already = lines.value.find(line => line.sku === sku)?.quantity ?? 0
    put(sku, already + quantity)
  }

  /** Puts a line with this quantity first; with none, the line goes. */
  function put(sku: string, quantity: number): void {
    const others = lines.value.filter(line => line.sku !== sku)
    stored.value = quantity > 0 ? [{ sku, quantity: Math.min(quantity, most.quantity) }, ...others].slice(0, most.lines) : others
  }

  /** Changes the quantity of a line and leaves it where it stands. */
  function change(sku: string, quantity: number): void {
    stored.value = lines.value.map(line => line.sku === sku ? { sku, quantity: Math.min(Math.max(1, quantity), most.quantity) } : line)
  }

  return {
    lines,
    count: computed(() => lines.value.reduce((sum, line) => sum + line.quantity, 0)),
    /** As the delivery contract wants it: SKU:2,SKU:1 */
    asQuery: computed(() => lines.value.map(line => `${line.sku}:${line.quantity}`).join(',')),
    add, change,
    clear: () => stored.value = [],
    remove: (sku: string) => put(sku, 0),
  }
}

function isLine(line: unknown): line is CartLine {
  return typeof (line as CartLine | null)?.sku === 'string' && Number.isInteger((line as CartLine).quantity) && (line as CartLine).quantity > 0
}
