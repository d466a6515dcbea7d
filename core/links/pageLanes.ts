import { z } from 'zod'
import { skuSchema } from '../catalogue/sku'
import type { LinkKind } from './kind'

/*
 * Lanes that do not stand on products: what an article names, and which categories are related to one.
 * Their source is written as `article:key` or `category:key`; no SKU has a colon.
 */

export const lanePages = ['article', 'category'] as const
export type LanePage = (typeof lanePages)[number]

const plain = { expectation: 'none', ceiling: null, mutual: false, retired: false } as const
/** The one kind of lane that each of these pages has. */
export const pageLaneKinds: Record<LanePage, LinkKind> = {
  article: {
    key: 'named',
    name: { en: 'named', de: 'genannt' },
    plural: { en: 'Named in the article', de: 'Im Artikel genannt' },
    glyph: 'leaf',
    ...plain,
  },
  category: {
    key: 'related-categories',
    name: { en: 'related category', de: 'verwandte Kategorie' },
    plural: { en: 'Related categories', de: 'Verwandte Kategorien' },
    glyph: 'rings',
    ...plain,
  },
}

const written = /^(article|category):([a-z0-9]+(?:-[a-z0-9]+)*)$/

/** What a lane can stand on: a product, an article or a category. */
export const laneSourceSchema = z.union([skuSchema, z.string().regex(written)], {
  error: 'This is neither a SKU nor an article or category such as article:key.',
})

export const sourceOfPage = (page: LanePage, key: string) => `${page}:${key}`

/** The article or category that a source names; null: it is a product. */
export function pageOfSource(source: string): { page: LanePage; key: string } | null {
  const [, page, key] = written.exec(source) ?? []
  return page === undefined ? null : { page: page as LanePage, key: key! }
}
