// @ts-expect-error -- of the framework, there when it is built
import '#nitro-internal-pollyfills'
import { createServer } from 'node:http'
import { toNodeListener } from 'h3'
// @ts-expect-error -- its types stand elsewhere
import { setupGracefulShutdown, trapUnhandledNodeErrors } from 'nitropack/runtime/internal'

/*
 * Where the production build begins. It listens at once, so that whoever watches it sees that it lives; that it can be asked, the plugin
 * `shop` tells when the shop is open. The framework's own beginning would tell so before.
 */
/** Milliseconds. A head is sent in one go; a file may take its time. */
const limits = { headersTimeout: 20_000, requestTimeout: 2 * 3_600_000, connectionsCheckingInterval: 5_000 }

const { PORT = '4310', HOST } = process.env
const app = useNitroApp()
const server = createServer(limits, toNodeListener(app.h3App))
server.once('error', ({ code, message }: NodeJS.ErrnoException) => {
  const why = code === 'EADDRINUSE' ? `Port ${PORT} is taken by another program. Stop that one, or choose another with PORT.` : message
  process.stderr.write(`\nManada can’t listen: ${why}\n\n`)
  process.exit(1)
})
server.listen({ port: Number(PORT), host: HOST })
trapUnhandledNodeErrors()
setupGracefulShutdown(server, app)
