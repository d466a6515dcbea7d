import type { ChildProcess } from 'node:child_process'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { cp, rm, stat } from 'node:fs/promises'
import { setTimeout as pause } from 'node:timers/promises'
import { databaseFile } from '../server/store/sqlite/database'
import { demoData } from './fillDemoShop'

/** How long a server may take to answer for the first time, with every core busy. */
const longestStart = 60_000

/** What lets a test do everything. */
const adminToken = 'of-the-end-to-end-tests-and-of-nothing-else'
export const asAdmin = { authorization: `Bearer ${adminToken}` }
const json = { 'content-type': 'application/json' }
// All tests come from one address.
const asDemo = { HOST: '127.0.0.1', MANADA_DEMO: '1', MANADA_ADMIN_TOKEN: adminToken, MANADA_ORDERS_A_MINUTE: '2000' }

/** The production build, serving a copy of the demo shop of its own. */
export class DemoServer {
  readonly url: string
  readonly #port: number
  readonly folder: string
  #process: ChildProcess | null = null
  #filled = ''
  /** Of the demo’s merchandiser, signed in since the shop is as the demo has it. */
  session = ''

  constructor(port: number, folder: string) {
    this.#port = port
    this.folder = folder
    this.url = `http://127.0.0.1:${port}`
  }

  /** Serves the shop as the demo has it: starts anew, on a new copy, when anything was written or the server is gone. */
  async serveFresh(): Promise<ChildProcess> {
    if (this.#process && isRunning(this.#process) && (await this.#written()) === this.#filled) return this.#process
    await this.stop()
    await this.fill()
    const server = await this.start()
    const [cookie] = (await fetch(`${this.url}/api/sign-in/demo`, { method: 'POST', headers: json, body: '{}' })).headers.getSetCookie()
    this.session = cookie!.split(';', 1)[0]!.split('=')[1]!
    this.#filled = await this.#written()
    return server
  }

  /** Puts a copy of the demo shop into the data folder, while no server is running. */
  async fill(): Promise<void> {
    await rm(this.folder, { recursive: true, force: true })
    await cp(demoData, this.folder, { recursive: true })
  }

  /**
   * Starts on the data as they are.
   * @param log whether what the server tells is shown with the tests
   * @param own settings that are not as the tests have them
   */
  async start(log: 'shown' | 'hidden' = 'shown', own: Record<string, string> = {}): Promise<ChildProcess> {
    const env = { ...process.env, ...asDemo, ...own, MANADA_DATA: this.folder, PORT: String(this.#port) }
    const server = (this.#process = spawn(process.execPath, ['.output/server/index.mjs'], {
      env,
      stdio: log === 'shown' ? 'inherit' : 'ignore',
    }))
    const begun = Date.now()
    while (
      (await fetch(`${this.url}/api/health/ready`).then(
        answer => answer.status,
        () => 0,
      )) !== 200
    ) {
      if (!isRunning(server)) throw new Error(`The server on port ${this.#port} ended instead of starting.`)
      if (Date.now() - begun > longestStart) throw new Error(`The server on port ${this.#port} did not answer in ${longestStart / 1000} s.`)
      await pause(20)
    }
    return server
  }

  /** Starts a second server on the same data folder, and tells how that ends. */
  async startAnother(): Promise<{ code: number; words: string }> {
    const env = { ...process.env, ...asDemo, MANADA_DATA: this.folder, PORT: String(this.#port + 1) }
    const other = spawn(process.execPath, ['.output/server/index.mjs'], { env, stdio: ['ignore', 'ignore', 'pipe'] })
    let words = ''
    other.stderr.setEncoding('utf8').on('data', (piece: string) => (words += piece))
    const [code] = (await once(other, 'close')) as [number]
    return { code, words }
  }

  async stop(): Promise<void> {
    const server = this.#process
    this.#process = null
    if (server && isRunning(server)) {
      server.kill()
      await once(server, 'exit')
    }
  }

  isRunning(): boolean {
    return this.#process !== null && isRunning(this.#process)
  }

  /** Differs after every write: SQLite appends what is written to its log. */
  async #written(): Promise<string> {
    const file = databaseFile(this.folder)
    const states = await Promise.all(
      [file, `${file}-wal`].map(each =>
        stat(each, { bigint: true }).then(
          ({ size, mtimeNs }) => `${size} ${mtimeNs}`,
          () => 'none',
        ),
      ),
    )
    return states.join()
  }
}

const isRunning = ({ exitCode, signalCode }: ChildProcess) => exitCode === null && signalCode === null
