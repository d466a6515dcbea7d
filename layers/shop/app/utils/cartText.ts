/** What a shopper chose for a part of a bundle. */
export interface CartChoice {
  part: string
  sku: string
  quantity: number
}

/** A line of the cart; the SKU is a product's, a variant's or a bundle's. */
export interface CartLine {
  sku: string
  quantity: number
  /** Of a bundle, what was chosen: `part:SKU:2,part:SKU`. No SKU has a colon or a comma. */
  with?: string
  /** The section or offer that it came from: `section:key`, `offer:key`. */
  from?: string
}

/** A cookie holds 4,096 bytes with its name and attributes (RFC 6265 §6.1); all headers of a request together, 16 KB on most servers. */
const most = { cookies: 3, bytes: 3800 }

/**
 * A cart in pieces, each for a cookie: `SKU:2/part:SKU:2/part:SKU|SKU/@section:key`. Every letter of it may stand in a cookie as it is
 * (RFC 6265 §4.1.1).
 * @returns null when the cart is too large to be kept
 */
export function cartPieces(lines: readonly CartLine[]): string[] | null {
  const text = lines
    .map(({ sku, quantity, with: choices, from }) =>
      [withQuantity([sku], quantity), ...(choices ? choices.split(',').map(choiceText) : []), ...(from ? [`@${from}`] : [])].join('/'),
    )
    .join('|')
  const pieces = Array.from({ length: most.cookies }, (_, i) => text.slice(i * most.bytes, (i + 1) * most.bytes))
  return text.length > most.cookies * most.bytes ? null : pieces
}

/** The lines of a cart; what can't be read is passed over. */
export function readCart(pieces: readonly string[]): CartLine[] {
  return pieces
    .join('')
    .split('|')
    .filter(Boolean)
    .flatMap(line => {
      const parts = line.split('/')
      const from = parts.find(part => origin.test(part))?.slice(1)
      const [first = [], ...choices] = parts.filter(part => !part.startsWith('@')).map(part => part.split(':').map(readable))
      const [sku, quantity = '1'] = first
      if (!sku || !/^[1-9]\d{0,3}$/.test(quantity)) return []
      return {
        sku,
        quantity: Number(quantity),
        ...(choices.length && { with: choices.map(choice => choice.join(':')).join() }),
        ...(from && { from }),
      }
    })
}

/** No SKU begins so: as a word it is written `%40`. */
const origin = /^@(section|offer):[a-z0-9-]{1,40}$/

const withQuantity = (words: readonly string[], quantity: number) =>
  [...words.map(encodeURIComponent), ...(quantity === 1 ? [] : [quantity])].join(':')

function choiceText(choice: string): string {
  const [part = '', sku = '', quantity = '1'] = choice.split(':')
  return withQuantity([part, sku], Number(quantity))
}

function readable(word: string): string {
  try {
    return decodeURIComponent(word)
  } catch {
    return ''
  }
}
