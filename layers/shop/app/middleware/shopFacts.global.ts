/** The shop's name, currency and aisles are there before any of its pages is set up. */
export default defineNuxtRouteMiddleware(async (to) => {
  if (to.path === '/shop' || to.path.startsWith('/shop/')) await loadShopFacts()
})
