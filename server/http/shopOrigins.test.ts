import { expect, it } from 'vitest'
import { shopOriginsFrom } from './shopOrigins'

const allowed = shopOriginsFrom('https://shop.example, http://127.0.0.1:9000,')

it.each([
  ['/api/shop/v1/cart', 'https://shop.example'],
  ['/api/shop/v1/orders?lang=de', 'HTTPS://Shop.Example'],
  ['/api/shop/v1/cart', 'http://127.0.0.1:9000'],
])('takes %s from %s', (url, origin) => expect(allowed(url, { origin })).toBe(origin))

it.each([
  ['/api/shop/v1/cart', 'https://evil.example'],
  ['/api/shop/v1/cart', 'https://shop.example.evil.example'],
  ['/api/shop/v1/cart', 'http://shop.example'],
  ['/api/shop/v1/cart', 'null'],
  ['/api/shop/v1/cart', undefined],
  ['/api/shop/v1/orders/../../commands', 'https://shop.example'],
  ['/api/commands', 'https://shop.example'],
  ['/api/shop/v1/cartons', 'https://shop.example'],
  [undefined, 'https://shop.example'],
])('does not take %s from %s', (url, origin) => expect(allowed(url, { origin })).toBeNull())
