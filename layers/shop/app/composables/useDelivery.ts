/** What the delivery contract answers for an address below `/api/shop/v1`; an address that knows nothing ends on the shop's error page. */
export async function useDelivery<T>(path: string, query: () => Record<string, string> = () => ({})) {
  const deliver = useDeliver()
  const { data, error, refresh } = await useAsyncData(
    () => `${path}?${new URLSearchParams(query())}`,
    () => deliver<T>(path, query()),
  )
  if (error.value)
    throw createError({
      status: error.value.status ?? 503,
      message: error.value.status === 404 ? 'This page is not here' : 'The shop can’t answer just now',
      fatal: true,
    })
  return { answer: data as Ref<T>, refresh }
}
