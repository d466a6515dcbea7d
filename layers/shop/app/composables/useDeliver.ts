const base = '/api/shop/v1'

/** Asks the delivery, in the language that the shopper has chosen; with a body, sends it something. */
export function useDeliver() {
  const language = useChosenLanguage()
  return <T>(path: string, query: Record<string, string | number> = {}, body?: object): Promise<T> =>
    $fetch<T>(base + path, {
      ...(body && { method: 'POST' as const, body }),
      query: { ...query, ...(language.value !== null && { lang: language.value }) },
    }) as Promise<T>
}
