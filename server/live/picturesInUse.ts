import type { LiveShop } from './liveShop'

/** Addresses of all pictures that something in the shop shows. */
export function picturesInUse({ catalogue, brandMarks }: Pick<LiveShop, 'catalogue' | 'brandMarks'>): Set<string> {
  const addresses = new Set(brandMarks.values())
  const use = (address: string | null) => address !== null && addresses.add(address)
  for (const { image, variants } of catalogue.products) {
    use(image)
    for (const variant of variants) use(variant.image)
  }
  for (const { image } of catalogue.articles) use(image)
  return addresses
}
