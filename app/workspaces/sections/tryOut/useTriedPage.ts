import type { ShopAnswer } from '../../../../core/delivery/contract/catalogue'
import type { ShownPage } from '../../../../core/delivery/shownPage'
import { pageAnswerSchema } from '../../../../core/delivery/contract/pages'
import { shopAnswerSchema } from '../../../../core/delivery/contract/catalogue'
import { stepTypeOf } from '../../../../core/fillSteps/fillStep'
import type { PageKind } from '../../../../core/pageTypes/registry'
import { pageKinds, pageTypes } from '../../../../core/pageTypes/registry'
import type { StoredSection } from '../../../../core/studio/draftAnswers'
import { callApi } from '../../../data/callApi'
import { useDrafts } from '../../../data/drafts'
import { useMessages } from '../../../data/messages'
import { useStudioShop } from '../../../data/studioShop'
import { useAnswer } from '../../../data/useAnswer'
import { useTried } from '../../../parts/preview/tried'

const choicesOf = (all: readonly { key: string; name: string }[]) => all.map(each => ({ value: each.key, title: each.name }))

/** The page that a section is tried on, what it is about, and how the section turns out there. */
export function useTriedPage(stored: () => StoredSection) {
  const store = useDrafts()
  const studio = useStudioShop()
  const tried = useTried()
  const messages = useMessages()
  onMounted(() => tried.load().catch(error => messages.refuse(error)))

  /** The kinds of page that it stands on, and all others, where it can be looked at as if it stood there. */
  const standsOn = computed((): PageKind[] => [...new Set(store.plansWith(stored().key).map(each => each.plan.page))])
  const others = computed(() => pageKinds.filter(kind => !standsOn.value.includes(kind)))
  /** Before it stands anywhere, the kind of page that its steps are made for comes first. */
  const first = () =>
    standsOn.value[0] ?? (stored().draft ?? stored().live)!.steps.flatMap(step => stepTypeOf(step).madeFor ?? [])[0] ?? 'product'
  /** Whoever comes from elsewhere may say which page it is about. */
  const asked = useRoute().query.page as PageKind
  const page = ref<PageKind>(pageKinds.includes(asked) ? asked : first())
  // Taken off a kind of page, it is looked at where it stands.
  watch(standsOn, (now, before) => before.includes(page.value) && !now.includes(page.value) && (page.value = first()))

  const overview = shallowRef<ShopAnswer | null>(null)
  const category = ref<string | null>(studio.categories[0]?.key ?? null)
  const article = ref<string | null>(null)
  watch(
    page,
    async now => {
      if (now !== 'article' || overview.value) return
      try {
        overview.value = await callApi(shopAnswerSchema, '/api/shop/v1/catalogue')
        article.value ??= overview.value.articles[0]?.key ?? null
      } catch (error) {
        messages.refuse(error)
      }
    },
    { immediate: true },
  )

  const asksFor = computed(() => pageTypes[page.value].asksFor)
  /** What the page is about. A cart page is tried with what is in the cart, or else with the product. */
  const subject = computed(() => {
    if (page.value === 'cart' && tried.cart.length) return ''
    switch (asksFor.value) {
      case 'product':
        return tried.product?.product ?? null
      case 'category':
        return category.value
      case 'article':
        return article.value
      case null:
        return ''
    }
  })
  /** What stands in the frame with the shop's page, at first and now; null: it has not said so yet. */
  const inFrame = shallowRef<{ first: ShownPage; now: ShownPage } | null>(null)
  watch(
    () => JSON.stringify([page.value, subject.value, tried.cart, tried.seen, tried.visitor, tried.day]),
    () => (inFrame.value = null),
  )
  const follow = (now: ShownPage) => (inFrame.value = { first: inFrame.value?.first ?? now, now })
  const query = computed(() => {
    if (subject.value === null) return null
    const cart = page.value === 'cart' && !tried.cart.length ? [subject.value] : tried.cart
    const { cart: cartInFrame = '', parts = '' } = inFrame.value?.now.query ?? { cart: cart.join() }
    return {
      section: stored().key,
      page: page.value,
      subject: page.value === 'cart' ? '' : subject.value,
      // What was put into the cart in the frame is in it.
      cart: cartInFrame,
      ...(parts && { parts }),
      seen: tried.seen.join(),
      ...(tried.visitor && { visitor: tried.visitor }),
      ...(tried.day && { at: `${tried.day}T12:00:00Z` }),
      ...(!stored().draft && { live: '1' }),
    }
  })
  const { answer, failed } = useAnswer(
    () => query.value && JSON.stringify([query.value, store.edition]),
    60,
    (question, signal) =>
      callApi(pageAnswerSchema, '/api/sections/try', { query: (JSON.parse(question) as [Record<string, string>])[0], signal }),
  )

  return {
    standsOn,
    others,
    page,
    follow,
    /** Whether somebody went on to another page in the frame. */
    isElsewhere: computed(() => inFrame.value !== null && inFrame.value.now.path !== inFrame.value.first.path),
    asksFor,
    category,
    categories: computed(() => choicesOf(studio.categories)),
    article,
    articles: computed(() => choicesOf(overview.value?.articles ?? [])),
    subject,
    answer,
    failed,
  }
}
