import type { StudioShop } from '../../core/workbench/workbench'
import { studioShopSchema } from '../../core/workbench/workbench'
import type { Facets } from '../../core/productSearch/facets'
import { facetsSchema as facetsAnswer } from '../../core/productSearch/facets'
import { formatMoney } from '../../core/money/money'
import type { Text } from '../../core/text/text'
import { textIn } from '../../core/text/text'
import { dayWords, momentWords, nearWords, timeWords } from '../../core/time/dateWords'
import { momentIn } from '../../core/time/moment'
import { callApi } from './callApi'
import { dataWords } from './words'

const say = dataWords.studioShop

/** The shop's settings, link kinds and categories. */
export const useStudioShop = defineStore('studioShop', () => {
  const shop = shallowRef<StudioShop | null>(null)
  const facets = shallowRef<Facets | null>(null)
  const timeZone = computed(() => shop.value?.settings.timeZone ?? 'UTC')
  const language = computed(() => shop.value?.settings.language ?? 'en')

  return {
    shop,
    facets,
    language,
    currency: computed(() => shop.value?.settings.currency ?? 'EUR'),
    /** A number that stands beside amounts of money: separated as they are. */
    number: (value: number) => value.toLocaleString(language.value),
    /** A day, or the day of a moment, where the shop is: “1 Mar 2026”. */
    day: (date: string) => dayWords(date, timeZone.value),
    /** A moment there: “1 Mar 2026, 10:00”; its time of day alone. */
    moment: (at: string) => momentWords(at, timeZone.value),
    time: (at: string) => timeWords(at, timeZone.value),
    /** A moment to come, without its year when that is this one: “3 Dec, 08:00”. */
    coming: (at: string) => nearWords(at, timeZone.value, Date.now()),
    timeZone,
    /** Now, where the shop is. */
    now: () => momentIn(timeZone.value),
    /** The kinds in use, in their order. */
    kinds: computed(() => shop.value?.kinds.filter(kind => !kind.retired) ?? []),
    allKinds: computed(() => shop.value?.kinds ?? []),
    categories: computed(() => shop.value?.categories ?? []),
    /** The same to choose from, those below others set in. */
    categoryChoices: computed(() =>
      (shop.value?.categories ?? []).map(each => ({ value: each.key, title: `${'\u2003'.repeat(each.depth)}${each.name}` })),
    ),
    async load(): Promise<void> {
      shop.value ??= await callApi(studioShopSchema, '/api/shop')
    },
    /** Takes everything anew, because something about it changed. */
    async refresh(): Promise<void> {
      shop.value = await callApi(studioShopSchema, '/api/shop')
      if (facets.value) facets.value = await callApi(facetsAnswer, '/api/facets')
    },
    /** What products can be filtered by; fetched when first needed. */
    async loadFacets(): Promise<void> {
      facets.value ??= await callApi(facetsAnswer, '/api/facets')
    },
    /** Lets go of everything: it is fetched anew when it is next needed. */
    forget(): void {
      shop.value = facets.value = null
    },
    words: (text: Text) => textIn(text, language.value, language.value),
    money: (amount: number | null) =>
      amount === null ? say.noPrice : formatMoney(amount, shop.value?.settings.currency ?? 'EUR', language.value),
  }
})
