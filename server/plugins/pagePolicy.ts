import { randomBytes } from 'node:crypto'
import { pagePolicy, withNonce } from '../http/pagePolicy'

/** Says with every page what its scripts and frames may do. */
export default defineNitroPlugin(({ hooks }) => {
  hooks.hook('render:html', (html, { event }) => {
    const nonce = randomBytes(16).toString('base64')
    // What a shop's texts are rendered into, the body, gets none.
    html.head = html.head.map(part => withNonce(part, nonce))
    html.bodyAppend = html.bodyAppend.map(part => withNonce(part, nonce))
    setResponseHeader(event, 'content-security-policy', pagePolicy(nonce))
  })
  hooks.hook('render:response', response => {
    delete response.headers?.['x-powered-by']
  })
})
