// npm test: everything from a bare checkout to a checked production build. Stops at the first step that fails.
import { readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureBrowser, ensureBuild, ensurePackages, root, runPackage, say } from './setUp.mjs'

const results = join(root, 'test-results')
const unitResults = join(results, 'unit.json')
const step = (name, work) => {
  say(`\n— ${name}`)
  work()
}

ensurePackages()
ensureBrowser()
rmSync(results, { recursive: true, force: true })
step('Lint', () => runPackage('eslint', ['.']))
step('Types', () => {
  runPackage('nuxt', ['typecheck'])
  runPackage('tsc', ['-p', 'tsconfig.tools.json'])
})
step('Unit tests', () => runPackage('vitest', ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitResults}`]))
step('Production build', ensureBuild)
step('End-to-end tests', () => runPackage('playwright', ['test']))

const unit = JSON.parse(readFileSync(unitResults, 'utf8'))
const { stats } = JSON.parse(readFileSync(join(results, 'e2e.json'), 'utf8'))
say(`\n${unit.numPassedTests + stats.expected} passed, ${unit.numFailedTests + stats.unexpected} failed`)
