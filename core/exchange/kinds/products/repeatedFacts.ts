import { isEqual } from 'es-toolkit'
import type { Product } from '../../../catalogue/product'
import type { VariantFileRow } from './productRow'

/**
 * What a variant's row says of its product that is not so, as exports repeat a product's facts on each of its variants.
 * @param isIn whether the product is in the category with this path
 * @returns names of the fields; of a text in another language than the shop's with it: `name@de`
 */
export function otherwiseRepeated(
  { fields, name, description, categories }: VariantFileRow['ofProduct'],
  product: Product,
  language: string,
  isIn: (path: readonly string[]) => boolean,
): string[] {
  const texts = Object.entries({ name, description }).flatMap(([field, said]) =>
    Object.entries(said)
      .filter(([tag, text]) => product[field as 'name' | 'description'][tag] !== text)
      .map(([tag]) => (tag === language ? field : `${field}@${tag}`)),
  )
  const others = Object.keys(fields).filter(field => !isEqual(product[field as keyof Product], fields[field as keyof typeof fields]))
  return [...others, ...texts, ...(categories?.every(isIn) === false ? ['categories'] : [])]
}
