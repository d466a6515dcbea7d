import type { ShopSettings } from '../catalogue/shopSettings'

/** Whether so little of something is left that shoppers are told. */
export const isFew = (stock: number, { few }: Pick<ShopSettings, 'few'>) => stock > 0 && stock <= few

/**
 * How many of something can be had for sure, without telling how many there are: rounded down to 1, 2 or 5 times a power of ten.
 * @param there whole number from 0 on
 */
export function sureOf(there: number): number {
  if (there < 1) return 0
  const power = 10 ** Math.floor(Math.log10(there))
  return [5, 2, 1].find(each => each * power <= there)! * power
}
