const base = '/api/shop/v1'

/** Asks the delivery, in the language that the shopper has chosen. */
export function useDeliver() {
  const language = useChosenLanguage()
  return <T>(path: string, query: Record<string, string | number> = {}): Promise<T> =>
    $fetch<T>(base + path, { query: { ...query, ...language.value !== null && { lang: language.value } } }) as Promise<T>
}
