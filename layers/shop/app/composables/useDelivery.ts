/** What the delivery contract answers for an address below `/api/shop/v1`; an address that knows nothing ends on the shop's error page. */
export async function useDelivery<T>(path: string, query: () => Record<string, string> = () => ({})) {
  const deliver = useDeliver()
  const { asQuery } = useCart()
  const asked = () => ({ ...query(), ...(asQuery.value && { cart: asQuery.value }) })
  const { data, error, refresh } = await useAsyncData(
    () => `${path}?${new URLSearchParams(query())}`,
    () => deliver<T>(path, asked()),
    // What something costs depends on what is in the cart.
    { watch: [asQuery] },
  )
  if (error.value)
    throw createError({
      status: error.value.status ?? 503,
      message: refusalWords(error.value.status),
      // In the browser it takes the place of the page; the server need not tell of it, for nothing is wrong there.
      fatal: import.meta.client,
    })
  return { answer: data as Ref<T>, refresh }
}

function refusalWords(status: number | undefined): string {
  if (status === 404) return 'This page is not here'
  return status === 401 || status === 403 ? 'This look at what is drafted is over' : 'The shop can’t answer just now'
}
