import type { BundleAnswer, ProductAnswer } from '../../../../core/delivery/contract/catalogue'
import type { CartAnswer } from '../../../../core/delivery/contract/cart'
import type { CartChoice } from '../utils/cartText'

type Part = BundleAnswer['parts'][0]
type Choice = Part['choices'][0]

/**
 * What the shopper has chosen of a bundle, and what it costs then by the server's reckoning. It begins with the first of each part that can
 * be had.
 */
export async function useBundleChoice(product: Ref<ProductAnswer>) {
  const deliver = useDeliver()
  const bundle = computed(() => product.value.bundle!)
  const first = ({ choices }: Part) => (choices.find(each => each.available) ?? choices[0])?.sku ?? ''
  const chosen = ref<Record<string, string>>({})
  const picks = ref<Record<string, number>>({})
  function begin(): void {
    chosen.value = bundle.value.pick ? {} : Object.fromEntries(bundle.value.parts.map(part => [part.part, first(part)]))
    picks.value = {}
  }
  begin()
  watch(() => product.value.sku, begin)

  const open = computed(() => (bundle.value.pick ? [] : bundle.value.parts.filter(part => part.choices.length > 1)))
  const sure = computed(() => (bundle.value.pick ? [] : bundle.value.parts.filter(part => part.choices.length === 1)))
  const chosenOf = (part: Part) => part.choices.find(each => each.sku === chosen.value[part.part])

  /** The choice that a value would lead to: everything else as chosen now, or else the first one that has it. */
  function leadsTo(part: Part, option: number, value: string): Choice | undefined {
    const values = chosenOf(part)?.values.with(option, value)
    return (
      part.choices.find(each => each.values.join('\n') === values?.join('\n')) ?? part.choices.find(each => each.values[option] === value)
    )
  }
  function choose(part: Part, option: number, value: string): void {
    const next = leadsTo(part, option, value)
    if (next) chosen.value = { ...chosen.value, [part.part]: next.sku }
  }
  /** Whether a value can be had with everything else as chosen now. */
  function isOut(part: Part, option: number, value: string): boolean {
    const values = chosenOf(part)?.values.with(option, value).join('\n')
    return !part.choices.find(each => each.values.join('\n') === values)?.available
  }

  const count = computed(() => Object.values(picks.value).reduce((sum, each) => sum + each, 0))
  /** How many more of a choice can be picked. */
  function room({ sku, available }: Choice): number {
    const { most, repeats } = bundle.value.pick!
    return available ? Math.min(most - count.value, (repeats ? most : 1) - (picks.value[sku] ?? 0)) : 0
  }
  function pick(sku: string, by: 1 | -1): void {
    const { [sku]: now = 0, ...others } = picks.value
    picks.value = now + by > 0 ? { ...others, [sku]: now + by } : others
  }

  const choices = computed((): CartChoice[] =>
    bundle.value.pick
      ? Object.entries(picks.value).map(([sku, quantity]) => ({ part: bundle.value.parts[0]!.part, sku, quantity }))
      : open.value.flatMap(({ part }) => (chosen.value[part] ? { part, sku: chosen.value[part], quantity: 1 } : [])),
  )
  const isWhole = computed(() => (bundle.value.pick ? count.value >= bundle.value.pick.least : bundle.value.parts.length > 0))

  const { data: priced } = await useAsyncData(
    () => `bundle ${product.value.sku}`,
    () =>
      isWhole.value
        ? deliver<CartAnswer>('/cart', {}, { lines: [{ sku: product.value.sku, quantity: 1, choices: choices.value }] })
        : Promise.resolve(null),
    { watch: [choices] },
  )
  const line = computed(() => (isWhole.value ? (priced.value?.lines[0] ?? null) : null))
  const isThere = computed(() => line.value !== null && !priced.value?.warnings.length)
  return { bundle, open, sure, chosenOf, choose, isOut, picks, count, room, pick, choices, isWhole, line, isThere }
}
