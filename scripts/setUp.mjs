// What every command needs before it can run: packages, and a build that is not older than its sources.
import { execFileSync, spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { createServer } from 'node:net'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = join(dirname(fileURLToPath(import.meta.url)), '..')
export const builtServer = join(root, '.output/server/index.mjs')

/** Runs a command in the project, shows what it prints, and ends this process when it fails. */
export function run(command, args, env = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } })
  if (error) console.error(error.message)
  if (status !== 0) process.exit(status ?? 1)
}

/** Runs a program of an installed package. */
export function runPackage(name, args, env) {
  run(join(root, 'node_modules/.bin', name), args, env)
}

/** Installs the packages unless what is installed is what the lock file asks for. */
export function ensurePackages() {
  const installed = join(root, 'node_modules/.package-lock.json')
  const wanted = join(root, 'package-lock.json')
  if (existsSync(installed) && modified(installed) >= modified(wanted)) return
  say('Installing packages. This compiles the database and takes a few minutes the first time.')
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
}

/**
 * The browser of the end-to-end tests and the screenshots: Debian's Chromium, built to draw without a screen, as playwright.config.ts says.
 */
const browser = '/usr/bin/chromium-headless-shell'
const browserPackage = 'chromium-headless-shell'

/** Installs the browser where that can be done without asking; otherwise says how and ends this process. */
export function ensureBrowser() {
  if (existsSync(browser)) return
  if (process.getuid?.() === 0 && has('apt-get')) {
    say('Installing Chromium from Debian’s packages.')
    run('apt-get', ['update', '-qq'])
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', browserPackage])
    return
  }
  console.error(
    `The tests drive Chromium at ${browser}, which is not there. Install it and run this again: sudo apt-get install ${browserPackage}`,
  )
  process.exit(1)
}

/** Installs the proxy that one of the tests runs behind, where that can be done without asking; without it that test is left out. */
export function ensureProxy() {
  if (existsSync('/usr/sbin/nginx') || process.getuid?.() !== 0 || !has('apt-get')) return
  say('Installing nginx from Debian’s packages.')
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', 'nginx-light'],
  ])
    spawnSync('apt-get', args, { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } })
}

/** Builds the application unless the build is newer than everything it is made from. */
export function ensureBuild() {
  const sources = ['app', 'core', 'layers', 'server', 'nuxt.config.ts', 'package-lock.json'].map(each => join(root, each))
  if (existsSync(builtServer) && modified(builtServer) >= Math.max(...sources.map(newest))) return
  say('Building Manada.')
  runPackage('nuxt', ['build', '--logLevel=silent'])
}

/** Where the server will listen; the defaults are the README's. */
export function address() {
  return { HOST: process.env.HOST || '127.0.0.1', PORT: process.env.PORT || '4310' }
}

/** Ends this process with a clear word when the address is taken. */
export async function ensureFreePort() {
  const { HOST, PORT } = address()
  await new Promise(resolve => {
    const probe = createServer()
    probe.once('error', error => {
      console.error(
        error.code === 'EADDRINUSE'
          ? `Something is listening on ${HOST}:${PORT} already. If that is Manada, it is running; else stop it first.`
          : `Manada can't listen on ${HOST}:${PORT}: ${error.message}`,
      )
      process.exit(1)
    })
    probe.listen(Number(PORT), HOST, () => probe.close(resolve))
  })
}

/** Serves the build in this process until it is stopped. @param env settings beside those of the environment */
export async function serve(env = {}) {
  await ensureFreePort()
  Object.assign(process.env, address(), env, { NITRO_SHUTDOWN_TIMEOUT: '3000' })
  process.once('SIGINT', () => say('\nStopping.'))
  await import(builtServer)
}

export function say(words) {
  console.log(words)
}

/** Whether a program can be started. */
function has(program) {
  try {
    execFileSync('sh', ['-c', `command -v ${program}`], { stdio: 'ignore' })
    return true
  } catch {
    return false
  }
}

const modified = path => statSync(path).mtimeMs

function newest(path) {
  if (!existsSync(path)) return 0
  if (!statSync(path).isDirectory()) return modified(path)
  return Math.max(modified(path), ...readdirSync(path).map(name => newest(join(path, name))))
}
