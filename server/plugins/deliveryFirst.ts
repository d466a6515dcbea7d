import { isPageRequest, pageRoute } from '../delivery/pageRoute'

/**
 * Pages of the delivery contract are answered before the server looks for hooks, files, rules and routes:
 * they are most of what it is asked for, and that would cost more than the answer.
 */
export default defineNitroPlugin(({ h3App }) => {
  const others = h3App.handler
  h3App.handler = defineEventHandler(event => (isPageRequest(event.node.req) ? pageRoute(event) : others(event)))
})
