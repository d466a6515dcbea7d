// npm run check: formatting, lint, types and unit tests of what was changed since the last commit, side by side, for while one works.
import { spawn } from 'node:child_process'
import { execFileSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { root, say } from './setUp.mjs'

const git = (...args) => execFileSync('git', args, { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean)
const since = process.argv[2] ?? 'HEAD'
const changed = [...git('diff', '--name-only', since), ...git('ls-files', '--others', '--exclude-standard')].filter(file =>
  existsSync(join(root, file)),
)
const code = changed.filter(file => /\.(ts|vue|mjs|cjs)$/.test(file))
if (!code.length) {
  say('Nothing has changed.')
  process.exit()
}

function run(name, program, ...args) {
  const start = Date.now()
  return new Promise(resolve => {
    let output = ''
    const running = spawn(join(root, 'node_modules/.bin', program), args, { cwd: root })
    for (const stream of [running.stdout, running.stderr]) stream.on('data', text => (output += text))
    running.on('close', status => {
      say(`\n— ${name}, ${Math.round((Date.now() - start) / 1000)} s: ${status === 0 ? 'good' : `\n${output.trim()}`}`)
      resolve(status === 0)
    })
  })
}

async function inOrder(...steps) {
  let isGood = true
  for (const step of steps) isGood = (await run(...step)) && isGood
  return isGood
}

say(`${code.length} files of code have changed.`)
const good = await Promise.all([
  inOrder(
    ['Formatting', 'prettier', '--check', ...changed],
    ['Lint', 'eslint', ...code],
    ['Unit tests', 'vitest', 'related', '--run', '--reporter=dot', ...code],
  ),
  run('Types', 'vue-tsc', '--build', '--noEmit', '--incremental'),
])
process.exit(good.every(Boolean) ? 0 : 1)
