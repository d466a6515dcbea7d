import { useMe } from '../data/me'

/** Where whoever is not signed in may be. */
const open = new Set(['/sign-in', '/join'])

/** The studio is for people who are signed in; its first page asks who one is. */
export default defineNuxtRouteMiddleware(async to => {
  if (import.meta.server || open.has(to.path) || /^\/shop(\/|$)/.test(to.path)) return
  const me = useMe()
  // A server that does not answer is told of by the page itself.
  const isKnown = await me.load().then(
    () => true,
    () => false,
  )
  if (isKnown && !me.person) return navigateTo({ path: '/sign-in', query: to.path === '/products' ? {} : { to: to.fullPath } })
})
