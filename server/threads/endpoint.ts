import type { Endpoint } from 'comlink'
// @ts-expect-error -- its types are beside it, under a name that only types have
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs'
import type { NodeEndpoint } from 'comlink/dist/esm/node-adapter'

/** A worker, or in a worker its parent, as something that Comlink can speak through. */
export const endpointOf = nodeEndpoint as (port: NodeEndpoint) => Endpoint
