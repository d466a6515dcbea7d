// npm run bench: makes a large shop from a seed, measures, and prints a table next to the bars.
import { ensureBrowser, ensurePackages, run, runPackage, say } from './setUp.mjs'

ensurePackages()
ensureBrowser()
say('Building the server, with a bare route to compare with.')
runPackage('nuxt', ['build', '--envName', 'bench', '--logLevel=silent'])
run(process.execPath, ['--import', 'tsx', 'benchmarks/run.ts'])
