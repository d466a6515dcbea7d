// Which folders import each other, in a circle of any length; part of npm test. Files that gather what stands below them (registries, and
// what opens the store) don't count: they name their folders' children and are named by them only through an interface.
import { execFileSync } from 'node:child_process'
import { dirname, join } from 'node:path'
import { root, say } from './setUp.mjs'

const gathers = /\/(registry|openStore)\.ts$/
const isTest = /\.(test|testing)\.ts$/
const isOurs = /^(core|server|app|layers)\//

const cruised = execFileSync(
  join(root, 'node_modules/.bin/depcruise'),
  ['core', 'server', 'app', 'layers', '--config', '.dependency-cruiser.cjs', '--output-type', 'json'],
  { cwd: root, encoding: 'utf8', maxBuffer: 1 << 28 },
)

/** Folder → the folders that it imports from, each with an example. */
const imports = new Map()
for (const { source, dependencies } of JSON.parse(cruised).modules) {
  if (!isOurs.test(source) || isTest.test(source) || gathers.test(source)) continue
  for (const { resolved } of dependencies) {
    const [from, to] = [dirname(source), dirname(resolved)]
    if (!isOurs.test(resolved) || from === to) continue
    if (!imports.has(from)) imports.set(from, new Map())
    imports.get(from).set(to, `${source} → ${resolved}`)
  }
}

/** A way from one folder to another, as examples of imports; null: there is none. */
function wayBetween(from, to, seen = new Set()) {
  for (const [next, example] of imports.get(from) ?? []) {
    if (next === to) return [example]
    if (seen.has(next)) continue
    seen.add(next)
    const rest = wayBetween(next, to, seen)
    if (rest) return [example, ...rest]
  }
  return null
}

const told = new Set()
for (const folder of imports.keys()) {
  const circle = told.has(folder) ? null : wayBetween(folder, folder)
  if (!circle) continue
  for (const example of circle) told.add(dirname(example.split(' → ')[0]))
  say(`Folders that import each other in a circle:\n  ${circle.join('\n  ')}`)
}
if (told.size) process.exit(1)
say('No folders import each other in a circle.')
