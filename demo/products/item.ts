import type { TintName } from '../pictures/colours'
import type { DrawingName } from '../pictures/picture'

/** One choice of an option: what shoppers read, its part of the SKU, what it adds to the price in euros, and its colour in pictures. */
export interface Choice {
  value: string
  code: string
  extra?: number
  tint?: TintName
}

/** A product of the demo shop as it is written down; prices in euros. */
export interface Item {
  sku: string
  /** English and German name. */
  name: [string, string]
  brand: Brand
  /** Category keys, the main one first. */
  in: string[]
  price: number
  was?: number
  text: string
  tags?: string[]
  facts?: Record<string, string | string[]>
  drawing: DrawingName
  tint: TintName
  options?: Record<string, Choice[]>
  /** Fixed where the demo needs it; else made up from the SKU. */
  stock?: number
  status?: 'draft' | 'retired'
  released?: string
}

export const brands = {
  larkmoor: 'Larkmoor',
  corrie: 'Corrie & Daughter',
  hollin: 'Hollinwade Joinery',
  marrowby: 'Marrowby Steel',
  quill: 'Quillhaven',
  oskerry: 'Oskerry Glass',
  tarn: 'Tarn & Thicket',
  penny: 'Pennywhin',
}
export type Brand = keyof typeof brands

const slug = (value: string) =>
  value
    .toUpperCase()
    .replace(/[^A-Z0-9]+/g, '')
    .slice(0, 3)

/** Choices whose SKU part is their value. */
export const plain = (...values: string[]): Choice[] => values.map(value => ({ value, code: slug(value) }))

export const sizes: Choice[] = [
  { value: 'XS', code: 'XS' },
  { value: 'S', code: 'S' },
  { value: 'M', code: 'M' },
  { value: 'L', code: 'L' },
  { value: 'XL', code: 'XL', extra: 3 },
  { value: 'XXL', code: '2XL', extra: 5 },
]
export const colours = (...names: TintName[]): Choice[] => names.map(name => ({ value: name, code: slug(name), tint: name }))

export const wood: Choice[] = [
  { value: 'pine', code: 'P', tint: 'pine' },
  { value: 'cedar', code: 'C', extra: 14, tint: 'cedar' },
]
