const most = 12

/** The products that the shopper viewed before, most recent first. In the studio's shop view nothing is noted. */
export function useSeen() {
  const cookie = useShopCookie<string[]>('shop-seen', { default: () => [], maxAge: 30 * 24 * 3600 })
  const preview = usePreview()
  const skus = () => (Array.isArray(cookie.value) ? cookie.value.filter(sku => typeof sku === 'string') : [])
  return {
    skus,
    note(sku: string): void {
      if (!preview.active) cookie.value = [sku, ...skus().filter(each => each !== sku)].slice(0, most)
    },
  }
}
