import type { ProductAnswer } from '../../../../core/delivery/contract/catalogue'

/** The shopper's choice among a product's variants. It begins with the one the address names, or the first that can be bought. */
export function useVariantChoice(product: Ref<ProductAnswer>, wanted: () => unknown) {
  const buyable = (variant: ProductAnswer['variants'][0]) => variant.forSale && variant.inStock
  const first = () =>
    product.value.variants.find(each => each.sku === wanted()) ?? product.value.variants.find(buyable) ?? product.value.variants[0]
  const variant = ref(first())
  watch([product, wanted], ([next], [before]) => {
    if (next.sku !== before.sku || wanted()) variant.value = first()
  })

  /** The variant that a choice would lead to: everything else as chosen now, or else the first one that has it. */
  function leadsTo(option: string, value: string) {
    const rest = { ...variant.value?.options, [option]: value }
    const fits = (each: ProductAnswer['variants'][0]) => Object.entries(rest).every(([name, chosen]) => each.options[name] === chosen)
    return product.value.variants.find(fits) ?? product.value.variants.find(each => each.options[option] === value)
  }

  return {
    variant,
    choose(option: string, value: string): void {
      variant.value = leadsTo(option, value)
    },
    isChosen: (option: string, value: string) => variant.value?.options[option] === value,
    isOut: (option: string, value: string) => {
      const target = leadsTo(option, value)
      return !target || !buyable(target)
    },
  }
}
