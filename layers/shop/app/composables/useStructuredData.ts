import type { DeliveredSection } from '../../../../core/delivery/contract/pages'
import type { ProductAnswer } from '../../../../core/delivery/contract/catalogue'
import { plainMoney } from '../../../../core/money/money'

type Item = DeliveredSection['items'][0]

/** What links of a kind say in the words of schema.org; of all others, that the products are related. */
const properties: Record<string, string> = {
  'upsell': 'isSimilarTo',
  'accessory': 'isAccessoryOrSparePartFor',
  'related': 'isRelatedTo',
  'cross-sell': 'isRelatedTo',
}

/** The page of a product as structured data (schema.org Product as JSON-LD 1.1): the product with its offer, and what links say of it. */
export function useStructuredData(product: Ref<ProductAnswer>, sections: () => readonly DeliveredSection[]): void {
  const { currency } = useShopFacts()
  // The server says it, who knows where people reach it.
  const address = useState('address', () => String(useRequestEvent()?.context.address ?? location.origin))
  const absolute = (path: string) => new URL(path, address.value).href
  const described = ({
    sku,
    name,
    url,
    image,
    brand,
    price,
    inStock,
  }: Pick<Item, 'sku' | 'name' | 'url' | 'image' | 'brand' | 'inStock'> & { price: number | null }) => ({
    '@type': 'Product',
    sku,
    name,
    'url': absolute(url),
    ...(image && { image: absolute(image) }),
    ...(brand && { brand: { '@type': 'Brand', 'name': brand } }),
    ...(price !== null && {
      offers: {
        '@type': 'Offer',
        'price': plainMoney(price, currency.value),
        'priceCurrency': currency.value,
        'availability': `https://schema.org/${inStock ? 'InStock' : 'OutOfStock'}`,
      },
    }),
  })
  const linkedAs = (property: string) =>
    sections()
      .flatMap(section => section.items)
      .filter(item => item.kind !== null && (properties[item.kind] ?? 'isRelatedTo') === property)
      .map(item => described({ ...item, sku: item.variant ?? item.sku }))
  const data = computed(() => {
    const [similar, related, accessories] = ['isSimilarTo', 'isRelatedTo', 'isAccessoryOrSparePartFor'].map(linkedAs) as [
      unknown[],
      unknown[],
      unknown[],
    ]
    return {
      '@context': 'https://schema.org',
      ...described(product.value),
      'description': product.value.description,
      ...(similar.length && { isSimilarTo: similar }),
      ...(related.length && { isRelatedTo: related }),
      // The word goes from the accessory to the product, so it is turned round here.
      ...(accessories.length && { '@reverse': { isAccessoryOrSparePartFor: accessories } }),
    }
  })
  useHead({
    script: [{ key: 'product', type: 'application/ld+json', innerHTML: () => JSON.stringify(data.value).replaceAll('<', '\\u003c') }],
  })
}
