import type { DeliveredSection, PageAnswer } from '../../../../core/delivery/contract/pages'
import { zoneBlocks } from '../../../../core/delivery/zoneBlocks'

/**
 * The sections and offers of a page for what is in the cart now, by zone. They follow the cart and, in the shop view, the merchandiser.
 * @param own parameters that only this page has
 */
export function useSections(path: string, own: () => Record<string, string> = () => ({})) {
  const common = useSectionsQuery()
  const query = computed(() => ({ ...common.value, ...own() }))
  const deliver = useDeliver()
  const { data, refresh } = useAsyncData<PageAnswer>(`sections ${path}`, () => deliver<PageAnswer>(`/pages${path}`, query.value), {
    watch: [query],
  })
  // A shop without recommendations is still a shop: when they can't be had, the page stands without them.
  const sections = computed(() => data.value?.sections ?? [])

  useTellingWhatIsShown(`/pages${path}`, () => query.value)
  usePreviewChanges(async () => {
    const before = sections.value
    await refresh()
    await nextTick()
    const changed = firstChanged(before, sections.value)
    const shown = changed && document.querySelector(`[data-section="${changed}"]`)
    if (shown) moveToMiddle(shown)
  })
  const blocksIn = (zone: string) => (data.value ? zoneBlocks(data.value, zone) : [])
  return { sections, blocksIn }
}

/** Of this window only: `scrollIntoView` moves the page around a frame too, away from under the merchandiser’s hand. */
function moveToMiddle(shown: Element): void {
  const { top, height } = shown.getBoundingClientRect()
  window.scrollBy({ top: top - Math.max(0, window.innerHeight - height) / 2, behavior: 'smooth' })
}

/** The first section that shows something else than before, or the same in another way: the one the merchandiser wants to see. */
function firstChanged(before: DeliveredSection[], now: DeliveredSection[]): string | undefined {
  const shows = (section?: DeliveredSection) =>
    section &&
    JSON.stringify([
      section.items.map(item => item.variant ?? item.sku),
      section.categories,
      section.layout,
      section.display,
      section.style,
      section.heading,
    ])
  return now.find(section => shows(section) !== shows(before.find(each => each.key === section.key)))?.key
}
