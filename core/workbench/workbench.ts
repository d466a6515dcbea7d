import { z } from 'zod'
import type { Product } from '../catalogue/product'
import { productStatusSchema } from '../catalogue/product'
import { imageOf, isForSale, priceOf, stockOf, trackedStock } from '../catalogue/product'
import type { CatalogueItem } from '../catalogue/catalogue'
import { neighbourSettingsSchema } from '../catalogue/neighbours'
import { itemName } from '../delivery/deliveredItem'
import type { Trait } from '../catalogue/traits'
import { sharedTraits } from '../catalogue/traits'
import { lanePages } from '../links/pageLanes'
import { kindsInUse, linkKindSchema } from '../links/kind'
import type { LinkKind } from '../links/kind'
import type { LinkIndex } from '../links/linkIndex'
import type { Link } from '../links/lane'
import { timeOf } from '../links/lane'
import { linkProblem, linkProblems } from '../links/linkProblem'
import { percentDifference } from '../money/money'
import type { Shop } from '../selection/shop'
import type { ShopSettings } from '../catalogue/shopSettings'
import { shopSettingsSchema } from '../catalogue/shopSettings'
import { textIn } from '../text/text'
import { translationSchema } from '../text/translations'
import type { Moment } from '../time/moment'

/*
 * What the studio shows of products and their lanes.
 */

/** A product, or a variant of one, in a list. */
export const productRowSchema = z.object({
  sku: z.string(),
  name: z.string(),
  brand: z.string().nullable(),
  image: z.string().nullable(),
  price: z.int().nullable(),
  /** Null: not tracked. */
  stock: z.int().nullable(),
  status: productStatusSchema,
  forSale: z.boolean(),
  /** It is a bundle of other products. */
  isBundle: z.boolean(),
  /** Number of links by kind. */
  links: z.record(z.string(), z.int()),
  /** SKU of the product; differs from `sku` for a variant. */
  product: z.string(),
  /** Number of its variants; none for a variant. */
  variants: z.int(),
  /** How many links lead to it or to one of its variants. */
  timesTarget: z.int(),
  /** Units sold. */
  sold: z.int(),
  /** What it has in common with the product on the bench, in words. */
  shared: z.array(z.string()),
})
export type ProductRow = z.infer<typeof productRowSchema>

/** A link as it stands in a lane. */
export const laneRowSchema = z.object({
  /** SKU of the target product or target variant. */
  target: z.string(),
  /** SKU of the target's product. */
  sku: z.string(),
  name: z.string(),
  image: z.string().nullable(),
  price: z.int().nullable(),
  /** Whole percent dearer (or, below zero, cheaper) than the source. */
  difference: z.int().nullable(),
  /** Null: not tracked. */
  stock: z.int().nullable(),
  /** Units sold of the target's product. */
  sold: z.int(),
  problem: z.enum(linkProblems).nullable(),
  from: z.string().nullable(),
  until: z.string().nullable(),
  note: z.string().nullable(),
  /** It is shown only from a later moment on. */
  later: z.boolean(),
  /** Whether the target links back; null for kinds that are not mutual. */
  returned: z.boolean().nullable(),
})
export type LaneRow = z.infer<typeof laneRowSchema>

/** A product on the bench: its facts and its lane of every kind; or an article or category, with the one lane it has. */
export const workbenchProductSchema = productRowSchema.extend({
  /** null: it is a product. The SKU is then what lanes know the article or category by. */
  page: z.enum(lanePages).nullable(),
  was: z.int().nullable(),
  categories: z.array(z.string()),
  categoryKeys: z.array(z.string()),
  tags: z.array(z.string()),
  attributes: z.record(z.string(), z.array(z.string())),
  /** What counts for the neighbours that are found by its traits. */
  neighbours: neighbourSettingsSchema,
  /** The bundles that it, or a variant of it, can be in. */
  inBundles: z.array(z.object({ sku: z.string(), name: z.string() })),
  lanes: z.record(z.string(), z.array(laneRowSchema)),
})
export type WorkbenchProduct = z.infer<typeof workbenchProductSchema>

/** What is on the bench: the products in the order asked for. */
export const workbenchAnswerSchema = z.object({ products: z.array(workbenchProductSchema) })

export const productListSchema = z.object({ total: z.int(), rows: z.array(productRowSchema) })
export type ProductList = z.infer<typeof productListSchema>

/** Targets that could be linked, likeliest first, each with its reasons in words; and those that were dismissed. */
export const suggestionsAnswerSchema = z.object({
  rows: z.array(productRowSchema.extend({ why: z.array(z.string()) })),
  dismissed: z.array(productRowSchema),
})
export type SuggestionsAnswer = z.infer<typeof suggestionsAnswerSchema>

/** What the studio needs to know of the shop before it shows anything. */
export const studioShopSchema = z.object({
  settings: shopSettingsSchema,
  /** All kinds in their order, the retired ones too. */
  kinds: z.array(linkKindSchema),
  categories: z.array(z.object({ key: z.string(), name: z.string(), depth: z.int() })),
  /** Addresses of the pictures that brands are known by. */
  brandMarks: z.record(z.string(), z.string()),
  /** How many products it has. */
  products: z.int(),
  /** What is known of the translations of its settings. */
  translations: z.array(translationSchema),
  /** Why these can't be others by now, in words; null: they can. */
  fixed: z.object({ currency: z.string().nullable(), language: z.string().nullable() }),
})
export type StudioShop = z.infer<typeof studioShopSchema>

/** What stands behind each kind, by its key: links, and the headings of the sections that show them. */
export const kindsAnswerSchema = z.record(z.string(), z.object({ links: z.int(), products: z.int(), sections: z.array(z.string()) }))
export type KindsAnswer = z.infer<typeof kindsAnswerSchema>

/** What undo and redo would do, in words. */
export const undoStateSchema = z.object({ undo: z.string().nullable(), redo: z.string().nullable() })

/** The answer to a command, an undo or a redo. */
export const commandAnswerSchema = z.object({
  words: z.string(),
  /** The things that it changed; null: more than are named. */
  changes: z.array(z.object({ of: z.string(), source: z.string(), kind: z.string() })).nullable(),
  undo: z.string().nullable(),
  redo: z.string().nullable(),
})
export type CommandAnswer = z.infer<typeof commandAnswerSchema>

/** What was changed, newest first. */
export const historyAnswerSchema = z.object({
  entries: z.array(
    z.object({
      id: z.int(),
      at: z.string(),
      words: z.string(),
      /** Whether whoever asks made it. */
      mine: z.boolean(),
      /** Who made it; null: somebody from before people signed in. */
      by: z.string().nullable(),
      /** Lanes that it changed. */
      lanes: z.int(),
      /** It is in force and not itself an undo: it can be taken back on its own. */
      inForce: z.boolean(),
      undone: z.boolean(),
    }),
  ),
  /** There are older ones. */
  more: z.boolean(),
})
export type HistoryEntry = z.infer<typeof historyAnswerSchema>['entries'][0]

/** What the server tells every open studio after a change; whose it was is nobody's business but theirs. */
export const changeEventSchema = commandAnswerSchema.pick({ words: true, changes: true })
export type ChangeEvent = z.infer<typeof changeEventSchema>

export interface BenchShop extends Pick<Shop, 'catalogue' | 'kinds' | 'neighboursOf'> {
  settings: ShopSettings
  sold: ReadonlyMap<string, number>
  links: LinkIndex
}

/**
 * @param source the product that the row is compared with
 */
export function toProductRow(item: CatalogueItem, shop: BenchShop, at: Moment, source?: Product): ProductRow {
  const { product, variant } = item
  return {
    sku: (variant ?? product).sku,
    name: nameOf(item, shop),
    brand: product.brand,
    image: imageOf(product, variant),
    price: priceOf(product, variant),
    stock: trackedStock(stockOf(product, variant)),
    status: product.status,
    forSale: isForSale(product, variant, at),
    isBundle: product.bundle !== null,
    links: Object.fromEntries(kindsInUse(shop.kinds).map(({ key }) => [key, shop.links.laneLength(product.sku, key)])),
    product: product.sku,
    variants: variant ? 0 : product.variants.length,
    timesTarget: (variant ? [variant] : [product, ...product.variants]).reduce((sum, each) => sum + shop.links.timesTarget(each.sku), 0),
    sold: shop.sold.get(product.sku) ?? 0,
    shared: source && source !== product ? sharedTraits(source, product).map(trait => traitWords(trait, shop)) : [],
  }
}

/** “Extractors”, “fits: National”, “harvest” */
function traitWords({ of, name, value }: Trait, shop: BenchShop): string {
  if (of === 'attribute') return `${name}: ${value}`
  if (of !== 'category') return name
  const { language } = shop.settings
  return textIn(shop.catalogue.category(name)?.name ?? {}, language, language) || name
}

/** @param at milliseconds since 1970-01-01 UTC */
export function toBenchProduct(item: CatalogueItem, shop: BenchShop, at: Moment): WorkbenchProduct {
  const { product } = item
  return {
    ...toProductRow({ product, variant: null }, shop, at),
    page: null,
    was: product.was,
    categories: product.categories.map(key =>
      textIn(shop.catalogue.category(key)?.name ?? {}, shop.settings.language, shop.settings.language),
    ),
    categoryKeys: product.categories,
    tags: product.tags,
    attributes: product.attributes,
    neighbours: shop.neighboursOf(product.sku),
    inBundles: shop.catalogue.bundlesWith(product).map(sku => ({ sku, name: nameOf(shop.catalogue.item(sku)!, shop) })),
    lanes: Object.fromEntries(kindsInUse(shop.kinds).map(kind => [kind.key, toLaneRows(product.sku, kind, shop, at)])),
  }
}

function toLaneRows(source: string, kind: LinkKind, shop: BenchShop, at: Moment): LaneRow[] {
  return shop.links.lane(source, kind.key).flatMap(link => toLaneRow(link, kind, shop, at, shop.catalogue.product(source)!) ?? [])
}

/**
 * A link as it stands in a lane; null: the shop no longer has what it leads to.
 * @param product whose lane it is; none: an article's
 */
export function toLaneRow(link: Link, kind: LinkKind, shop: BenchShop, at: Moment, product?: Product): LaneRow | null {
  const { target } = link
  const item = shop.catalogue.item(target)
  if (!item) return null
  const price = priceOf(item.product, item.variant)
  return {
    target,
    sku: item.product.sku,
    name: nameOf(item, shop),
    image: imageOf(item.product, item.variant),
    price,
    difference: product ? percentDifference(price, product.price) : null,
    stock: trackedStock(stockOf(item.product, item.variant)),
    sold: shop.sold.get(item.product.sku) ?? 0,
    problem: linkProblem(link, kind, product ?? item.product, item, at),
    from: link.from ?? null,
    until: link.until ?? null,
    note: link.note ?? null,
    later: timeOf(link, at) === 'later',
    returned: kind.mutual
      ? shop.links.lane(item.product.sku, kind.key).some(back => shop.catalogue.item(back.target)?.product === product)
      : null,
  }
}

function nameOf(item: CatalogueItem, { settings }: BenchShop): string {
  return itemName(item, text => textIn(text, settings.language, settings.language))
}
