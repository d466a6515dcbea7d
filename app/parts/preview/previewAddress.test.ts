import { describe, expect, it } from 'vitest'
import type { ShownVersion } from './previewAddress'
import { previewAddress } from './previewAddress'

const nobody = { cart: [], seen: [], visitor: '', day: '', language: '' }

describe('the address of a previewed page', () => {
  it('names the page, who looks and when, and where to begin', () => {
    expect(previewAddress('product', 'A/1', nobody, 'live')).toBe('/shop/products/A%2F1?preview=1')
    expect(
      previewAddress(
        'product',
        'A',
        { cart: ['B', 'C'], seen: ['D'], visitor: 'v', day: '2026-05-01', language: 'de' },
        'draft',
        'upsells',
      ),
    ).toBe('/shop/products/A?preview=1&draft=1&cart=B%2CC&seen=D&visitor=v&at=2026-05-01T12%3A00%3A00Z&lang=de#section-upsells')
    expect(previewAddress('added', 'A', nobody, 'draft')).toBe('/shop/products/A?preview=1&draft=1&added=A')
  })

  it('names what is looked at', () => {
    const address = (version: ShownVersion) => previewAddress('product', 'A', nobody, version)
    expect(address({ only: 'section:related,plan:jars' })).toBe('/shop/products/A?preview=1&draft=1&only=section%3Arelated%2Cplan%3Ajars')
    expect(address({ release: 12 })).toBe('/shop/products/A?preview=1&draft=1&release=12')
    // Of all drafts none: what shoppers have.
    expect(address({ only: '' })).toBe(address('live'))
  })

  it('says what is pretended of it, but never of what shoppers have', () => {
    const address = (version: ShownVersion) => previewAddress('cart', '', nobody, version, 'jars', { plan: 'all', foot: 'jars' })
    expect(address('draft')).toBe('/shop/cart?preview=1&draft=1&plan=all&foot=cart%3Ajars#section-jars')
    expect(address('live')).toBe('/shop/cart?preview=1#section-jars')
  })

  it('puts what a cart is about into it once, and last', () => {
    expect(previewAddress('cart', 'A', { ...nobody, cart: ['A', 'B'] }, 'live')).toBe('/shop/cart?preview=1&cart=B%2CA')
    expect(previewAddress('cart', '', { ...nobody, cart: ['B'] }, 'live')).toBe('/shop/cart?preview=1&cart=B')
  })
})
