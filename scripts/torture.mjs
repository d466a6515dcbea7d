// npm run torture: what could lose something, done on purpose, and a table of what came of it.
// KILL_ROUNDS says how often the server is killed while it writes.
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ensureBrowser, ensureBuild, ensurePackages, root, say } from './setUp.mjs'

/** End-to-end tests by what their names begin with, in the production build with a real database. */
const tried = [
  'killing the server',
  'the server stops cleanly',
  'a file that is being written',
  'on a full disk',
  'in a folder that may only be read',
  'a second server',
  'damage that a quick look',
  'of two hundred shoppers',
  'fifty people',
  'five hundred studios',
  'connections that never finish',
]
/** Tests of the server's parts: locks, newer and older databases, copies put back, clocks that jump, other processes that write. */
const alone = [
  'server/store/openStore',
  'server/store/sqlite/backups',
  'server/store/sqlite/migrations',
  'server/journal/releases',
  'server/journal/followers',
]

const { KILL_ROUNDS = '20' } = process.env
const reports = { e2e: join(root, 'test-results/e2e.json'), alone: join(root, 'test-results/alone.json') }

function start(name, args, env = {}) {
  return spawnSync(join(root, 'node_modules/.bin', name), args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } }).status
}
const read = file => JSON.parse(readFileSync(file, 'utf8'))

ensurePackages()
ensureBrowser()
ensureBuild()
say(`Killing the server ${KILL_ROUNDS} times, and more.`)
const statuses = [
  start('playwright', ['test', '--workers', '1', '-g', tried.join('|')], { KILL_ROUNDS }),
  start('vitest', ['run', '--reporter', 'json', '--outputFile', reports.alone, ...alone]),
]

const specs = suites => suites.flatMap(({ specs: own = [], suites: inner = [] }) => [...own, ...specs(inner)])
const seconds = ms => `${(ms / 1000).toFixed(1)} s`
const outcome = status => (status === 'passed' ? 'held' : status)
const ofBrowser = specs(read(reports.e2e).suites).map(({ title, tests: [test] }) => {
  const { status, duration, annotations } = test.results.at(-1)
  return {
    tried: title,
    outcome: outcome(status),
    took: seconds(duration),
    figures: annotations?.find(each => each.type === 'figures')?.description ?? '',
  }
})
const ofServer = read(reports.alone).testResults.flatMap(file =>
  file.assertionResults.map(({ fullName, status, duration = 0 }) => ({
    tried: fullName,
    outcome: outcome(status),
    took: seconds(duration),
    figures: '',
  })),
)
console.table([...ofBrowser, ...ofServer])
process.exit(statuses.some(Boolean) ? 1 : 0)
