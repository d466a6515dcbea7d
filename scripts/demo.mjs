// npm run demo: everything from a bare checkout to the demo shop in the browser. With --fresh the demo starts over.
import { address, ensureBuild, ensureFreePort, ensurePackages, run, say, serve } from './setUp.mjs'

const fresh = process.argv.includes('--fresh')
ensurePackages()
ensureBuild()
await ensureFreePort()
run(process.execPath, ['--import', 'tsx', 'demo/fill.ts', ...(fresh ? ['--fresh'] : [])])
const { HOST, PORT } = address()
say(`\nStudio: http://${HOST}:${PORT}/products\nShop:   http://${HOST}:${PORT}/shop\nStop with Ctrl-C.\n`)
await serve({ MANADA_DEMO: '1' })
