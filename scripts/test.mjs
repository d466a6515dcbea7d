// npm test: everything from a bare checkout to a checked production build. Steps that don't need each other run side by side, for two
// cores.
import { spawn } from 'node:child_process'
import { readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureBrowser, ensureBuild, ensurePackages, ensureProxy, root, runPackage, say } from './setUp.mjs'

const results = join(root, 'test-results')
const unitResults = join(results, 'unit.json')

/** Runs programs of installed packages one after another; what they print is shown when they are through. Stops at the first that fails. */
async function inOrder(...steps) {
  for (const [name, command, ...args] of steps) {
    const start = Date.now()
    const { status, output } = await outputOf(join(root, 'node_modules/.bin', command), args)
    say(`\n— ${name}, ${Math.round((Date.now() - start) / 1000)} s\n${output.trim()}`)
    if (status !== 0) {
      say(`\n${name} failed.`)
      process.exit(status ?? 1)
    }
  }
}

function outputOf(program, args) {
  return new Promise((resolve, reject) => {
    let output = ''
    const running = spawn(program, args, { cwd: root })
    process.once('exit', () => running.kill())
    for (const stream of [running.stdout, running.stderr]) stream.on('data', text => (output += text))
    running.on('error', reject)
    running.on('close', status => resolve({ status, output }))
  })
}

ensurePackages()
ensureBrowser()
ensureProxy()
rmSync(results, { recursive: true, force: true })
say('\n— Lint, types and build beside the unit tests')
await Promise.all([
  inOrder(
    ['Formatting', 'prettier', '--check', '.'],
    ['Lint', 'eslint', '.'],
    ['Lint with types', 'eslint', '--config', 'eslint.types.config.mjs', 'app', 'layers', 'core', 'server', 'demo', 'benchmarks', 'e2e'],
    ['Imports', 'depcruise', 'core', 'server', 'app', 'layers', 'demo', '--config', '.dependency-cruiser.cjs'],
    ['Imports of folders', 'tsx', 'scripts/folders.mjs'],
    ['Licences', 'tsx', 'scripts/licences.mjs', '--check'],
    ['Types', 'nuxt', 'typecheck'],
    ['Types of tests and tools', 'tsc', '-p', 'tsconfig.tools.json'],
    ['Production build', 'nuxt', 'build', '--logLevel=silent'],
  ),
  inOrder(['Unit tests', 'vitest', 'run', '--maxWorkers=1', '--reporter=dot', '--reporter=json', `--outputFile.json=${unitResults}`]),
])
ensureBuild()
say('\n— End-to-end tests')
runPackage('playwright', ['test'])

const unit = JSON.parse(readFileSync(unitResults, 'utf8'))
const { stats } = JSON.parse(readFileSync(join(results, 'e2e.json'), 'utf8'))
say(`\n${unit.numPassedTests + stats.expected} passed, ${unit.numFailedTests + stats.unexpected} failed`)
