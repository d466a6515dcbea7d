// npm run bench: makes a large shop from a seed, measures, and prints a table next to the bars.
// npm run bench -- <commit>: measures another version too, in the same run, and prints both side by side.
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { ensureBrowser, ensurePackages, root, run, runPackage, say } from './setUp.mjs'

const [commit] = process.argv.slice(2)
const resultsOf = folder => JSON.parse(readFileSync(join(folder, 'benchmarks/.output/results.json'), 'utf8'))

/** What another version measures of itself, in a folder of its own. */
function measured(commit) {
  const folder = join(mkdtempSync(join(tmpdir(), 'manada-before-')), 'manada')
  say(`Measuring ${commit} first.`)
  // Also when it fails, which ends this process.
  process.once('exit', () => {
    rmSync(dirname(folder), { recursive: true, force: true })
    spawnSync('git', ['worktree', 'prune'], { cwd: root })
  })
  run('git', ['worktree', 'add', '--quiet', '--detach', folder, commit])
  run(process.execPath, [join(folder, 'scripts/bench.mjs')])
  return resultsOf(folder)
}

ensurePackages()
ensureBrowser()
const before = commit && measured(commit)
say('Building the server, with a bare route to compare with.')
runPackage('nuxt', ['build', '--envName', 'bench', '--logLevel=silent'])
run(process.execPath, ['--import', 'tsx', 'benchmarks/run.ts'])

const then = new Map(before?.map(row => [row.measured, row.value]))
console.table(
  resultsOf(root).map(({ measured, value, bar }) => ({ measured, ...(before && { before: then.get(measured) ?? '' }), value, bar })),
)
