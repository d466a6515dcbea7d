import type { DeliveredSection } from '../../../../core/delivery/contract/pages'
import type { LinesAnswer } from '../../../../core/delivery/contract/catalogue'

/** What the items of a section are told besides what the section says of them: a short text and their attributes. */
export function useItemFacts(section: () => DeliveredSection, wanted: () => boolean) {
  const skus = computed(() =>
    wanted()
      ? section()
          .items.map(item => item.variant ?? item.sku)
          .join(',')
      : '',
  )
  const deliver = useDeliver()
  const { data } = useAsyncData(
    `facts ${section().zone} ${section().key}`,
    async () => (skus.value ? (await deliver<LinesAnswer>('/catalogue/lines', { skus: skus.value })).lines : []),
    { watch: [skus], default: (): LinesAnswer['lines'] => [] },
  )
  return { factsOf: (sku: string) => data.value.find(each => each.line === sku) }
}
