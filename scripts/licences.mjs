// npm run licences: writes the licences of all that ships into public/licences.txt, which the server shows.
// With --check it only looks whether that file is as it should be; part of npm test.
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { init } from 'license-checker-rseidelsohn'
import { root, say } from './setUp.mjs'

const file = join(root, 'public/licences.txt')
/** What is there for one kind of machine alone has the licence of what it belongs to. */
const ofOneMachine = /[-/](linux|darwin|win32|freebsd|android|sunos|openharmony|wasm32)(-|@)/

const found = await promisify(init)({ start: root, production: true, excludePrivatePackages: true })
/** Licence text → what it is for: many share one. */
const texts = new Map()
for (const [name, { licenses, licenseFile }] of Object.entries(found).sort()) {
  if (ofOneMachine.test(name)) continue
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
