// npm run fuzz: sends the server requests of all kinds that mean it harm, or are just wrong.
// FUZZ_REQUESTS says how many, FUZZ_SEED from where.
import { ensureBuild, ensurePackages, runPackage, say } from './setUp.mjs'

const { FUZZ_REQUESTS = '100000', FUZZ_SEED = String(Date.now() % 2 ** 31) } = process.env
ensurePackages()
ensureBuild()
say(`Sending ${FUZZ_REQUESTS} requests. To send the same again: FUZZ_SEED=${FUZZ_SEED}`)
runPackage('playwright', ['test', 'e2e/fuzz.spec.ts'], { FUZZ_REQUESTS, FUZZ_SEED })
