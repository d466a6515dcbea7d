/** Vuetify serves the studio alone; pages of the stand-in shop never load it. */
export default defineNuxtPlugin(async nuxt => {
  if (location.pathname.startsWith('/shop')) return
  const { createStudioTheme } = await import('../theme/studioTheme')
  nuxt.vueApp.use(createStudioTheme())
})
