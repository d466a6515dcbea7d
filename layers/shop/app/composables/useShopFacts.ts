import type { ShopAnswer } from '../../../../core/delivery/contract/catalogue'

const unnamed: ShopAnswer = {
  name: '',
  currency: 'EUR',
  language: 'en',
  languages: ['en'],
  welcome: '',
  checkout: false,
  style: {},
  categories: [],
  articles: [],
}

/** The shop's name, currency and aisles, which the layout has loaded, and the language that the shopper has chosen. */
export function useShopFacts() {
  const facts = useState<ShopAnswer>('shop-facts', () => unnamed)
  const chosen = useChosenLanguage()
  return {
    facts,
    currency: computed(() => facts.value.currency),
    language: computed(() => chosen.value ?? facts.value.language),
    aisles: computed(() => facts.value.categories.filter(each => each.parent === null)),
  }
}

/** The language chosen in this shop, or, in the studio's shop view, by the studio; null: the shop's own. */
export function useChosenLanguage() {
  const cookie = useShopCookie<string | null>('shop-language', { default: () => null, maxAge: 365 * 24 * 3600 })
  const { asked } = usePreview()
  return computed({
    get: () =>
      asked.lang ?? (typeof cookie.value === 'string' && /^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$/.test(cookie.value) ? cookie.value : null),
    set: language => (cookie.value = language),
  })
}

/** Loads the shop's facts, in the studio's shop view those of its drafts. */
export function useShopFactsLoader(): () => Promise<void> {
  const { facts } = useShopFacts()
  const deliver = useDeliver()
  let newest = 0
  return async () => {
    const own = ++newest
    const answer = await deliver<ShopAnswer>('/catalogue')
    // An answer that was overtaken tells of what was before.
    if (own === newest) facts.value = answer
  }
}
