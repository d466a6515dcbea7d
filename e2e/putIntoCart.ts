import type { Page } from '@playwright/test'
import type { CartLine } from '../layers/shop/app/utils/cartText'
import { cartPieces, readCart } from '../layers/shop/app/utils/cartText'

const names = ['shop-cart', 'shop-cart-2', 'shop-cart-3']

/** Gives a shopper a cart with these lines. */
export async function putIntoCart(page: Page, url: string, lines: CartLine[]): Promise<void> {
  const pieces = cartPieces(lines)!
  await page.context().addCookies(names.flatMap((name, i) => (pieces[i] ? { name, value: pieces[i], url } : [])))
}

/** What is in a shopper's cart. */
export async function cartOf(page: Page): Promise<CartLine[]> {
  const cookies = await page.context().cookies()
  return readCart(names.map(name => cookies.find(each => each.name === name)?.value ?? ''))
}
