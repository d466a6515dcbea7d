import type { CookieOptions } from '#app'

/** What the shop keeps in the browser; with TLS it is sent by nothing else. */
export function useShopCookie<T>(name: string, options: Pick<CookieOptions<T>, 'default' | 'maxAge' | 'encode' | 'decode'>) {
  const address = import.meta.server ? String(useRequestEvent()!.context.address) : location.href
  return useCookie<T>(name, { ...options, sameSite: 'lax', secure: address.startsWith('https:') } as CookieOptions<T> & {
    readonly?: false
  })
}
