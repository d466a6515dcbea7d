import { isPageAddress, pageRoute } from '../delivery/pageRoute'

/**
 * Pages of the delivery contract are answered before the server looks for files, rules and routes:
 * they are most of what it is asked for, and that search would cost more than the answer.
 */
export default defineNitroPlugin(({ h3App }) => {
  h3App.stack.unshift({
    route: '/',
    match: (path, event) => (event?.method === 'GET' || event?.method === 'HEAD') && isPageAddress(path),
    handler: pageRoute,
  })
})
