const base = '/api/shop/v1'

/** Asks the delivery, in the language that the shopper has chosen; with a body, sends it something. */
export function useDeliver() {
  const language = useChosenLanguage()
  const { draft, only, release, offer, preview, at } = usePreview().asked
  // A page that is drafted is asked for by whoever looks at it, also while the server renders it.
  const ask = draft && import.meta.server ? useRequestFetch() : $fetch
  return <T>(path: string, query: Record<string, string | number> = {}, body?: object, headers?: Record<string, string>): Promise<T> =>
    ask<T>(base + path, {
      ...(body && { method: 'POST' as const, body, headers }),
      query: {
        ...(draft && { draft, only, release, offer, preview }),
        at,
        ...query,
        ...(language.value !== null && { lang: language.value }),
      },
    }) as Promise<T>
}
