/**
 * The address of a page as it was sent. What renders pages is given it decoded, and a product's “?” or “#” would end the path there.
 */
export default defineNuxtPlugin({
  name: 'address-as-sent',
  // Before Nuxt's own, of which one reads it.
  order: -60,
  setup(nuxt) {
    const { ssrContext, payload } = nuxt
    const { originalUrl } = ssrContext!.event.node.req as { originalUrl?: string }
    if (originalUrl && !payload.error) ssrContext!.url = payload.path = originalUrl
  },
})
