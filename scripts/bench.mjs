// npm run bench: makes a large shop from a seed, measures, and prints a table next to the bars.
// npm run bench -- <commit>: measures another version too, in the same run, and prints both side by side.
// npm run bench -- --only counting,busy: measures these parts alone (benchmarks/parts/).
// npm run bench -- --shop <folder>: with the large shop that is in a folder, or is put there for the next time.
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { parseArgs } from 'node:util'
import { ensureBrowser, ensurePackages, root, run, runPackage, say } from './setUp.mjs'

const {
  values,
  positionals: [commit],
} = parseArgs({ allowPositionals: true, options: { only: { type: 'string' }, shop: { type: 'string' } } })
const given = Object.entries(values).flatMap(([name, value]) => [`--${name}`, value])
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
  run(process.execPath, [join(folder, 'scripts/bench.mjs'), ...given])
  return resultsOf(folder)
}

ensurePackages()
ensureBrowser()
const before = commit && measured(commit)
say('Building the server, with a bare route to compare with.')
runPackage('nuxt', ['build', '--envName', 'bench', '--logLevel=silent'])
run(process.execPath, ['--import', 'tsx', 'benchmarks/run.ts', ...given])

const then = new Map(before?.map(row => [row.measured, row.value]))
console.table(
  resultsOf(root).map(({ measured, value, bar }) => ({
    measured,
    ...(before && { before: then.get(measured) ?? '' }),
    value,
    bar: bar ?? '',
  })),
)
