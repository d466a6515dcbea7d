import type { ShopAnswer } from '../../../../core/delivery/contract'

const unnamed: ShopAnswer = { name: '', currency: 'EUR', language: 'en', languages: ['en'], categories: [], articles: [] }

/** The shop's name, currency and aisles, which the layout has loaded. */
export function useShopFacts() {
  const facts = useState<ShopAnswer>('shop-facts', () => unnamed)
  return {
    facts,
    currency: computed(() => facts.value.currency),
    language: computed(() => facts.value.language),
    aisles: computed(() => facts.value.categories.filter(each => each.parent === null)),
  }
}

/** Loads the shop's facts once. */
export async function loadShopFacts(): Promise<void> {
  const { facts } = useShopFacts()
  if (!facts.value.name) facts.value = await $fetch<ShopAnswer>('/api/shop/v1/catalogue')
}
