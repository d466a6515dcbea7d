/** The shop's name, currency and aisles are there before any of its pages is set up. */
export default defineNuxtRouteMiddleware(async to => {
  const isShop = to.path === '/shop' || to.path.startsWith('/shop/')
  if (isShop && !useShopFacts().facts.value.name) await useShopFactsLoader()()
})
