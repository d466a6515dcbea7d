// npm run licences: writes the licences of all that ships into public/licences.txt, which the server shows.
// With --check it only looks whether that file is as it should be; part of npm test.
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { promisify } from 'node:util'
import { init } from 'license-checker-rseidelsohn'
import { root, say } from './setUp.mjs'

const file = join(root, 'public/licences.txt')
/** What is there for one kind of machine alone has the licence of what it belongs to. */
const ofOneMachine = /[-/](linux|darwin|win32|freebsd|android|sunos|openharmony|wasm32)(-|@)/

/** What compiles the database driver as it is installed, and is no part of what runs. */
const compiles = 'node-gyp'

/** Where each package lies that what runs may need, as the lock file has it; nearer copies of a package hide farther ones. */
function needed() {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'))
  const found = new Set()
  const placeOf = (from, name) => {
    for (let at = from; ; at = at.slice(0, Math.max(0, at.lastIndexOf('/node_modules/')))) {
      const place = `${at && `${at}/`}node_modules/${name}`
      if (packages[place] || !at) return place
    }
  }
  const visit = at => {
    const { dependencies, optionalDependencies } = packages[at] ?? {}
    for (const name of Object.keys({ ...dependencies, ...optionalDependencies })) {
      const place = placeOf(at, name)
      if (name === compiles || found.has(place)) continue
      found.add(place)
      visit(place)
    }
  }
  visit('')
  return found
}

const ships = needed()
const found = await promisify(init)({ start: root, production: true, excludePrivatePackages: true })
/** Licence text → what it is for: many share one. */
const texts = new Map()
for (const [name, { licenses, licenseFile, path }] of Object.entries(found).sort()) {
  if (ofOneMachine.test(name) || !ships.has(relative(root, path))) continue
  const own = licenseFile && /licen[cs]e|copying/i.test(licenseFile) ? readFileSync(licenseFile, 'utf8').replaceAll('\r', '').trim() : ''
  texts.set(own, [...(texts.get(own) ?? []), `${name} (${[licenses].flat().join(', ')})`])
}
const line = '-'.repeat(80)
const page = [
  'Manada is under the MIT licence. It is made with what is named here, each under its own licence.',
  ...Array.from(texts, ([text, names]) => `${names.join('\n')}\n\n${text || 'The package has no text of its licence beside its name.'}`),
].join(`\n\n${line}\n\n`)

if (!process.argv.includes('--check')) writeFileSync(file, `${page}\n`)
else if (!existsSync(file) || readFileSync(file, 'utf8') !== `${page}\n`) {
  say('public/licences.txt is not what ships any more: npm run licences')
  process.exit(1)
}
