import type { Shop } from './shop'

/** A shop with parts of it replaced. What a shop does can't be spread: it may be of a class. */
export const shopWith = (shop: Shop, part: Partial<Shop>): Shop => ({
  catalogue: shop.catalogue,
  index: shop.index,
  links: shop.links,
  kinds: shop.kinds,
  sections: shop.sections,
  plans: shop.plans,
  offers: shop.offers,
  neighboursOf: sku => shop.neighboursOf(sku),
  relatedCategories: key => shop.relatedCategories(key),
  switchedOff: sku => shop.switchedOff(sku),
  ...part,
})
