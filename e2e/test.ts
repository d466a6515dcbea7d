import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { cp, rm } from 'node:fs/promises'
import { expect, test as base } from '@playwright/test'
import { port } from '../playwright.config'
import { demoData } from './fillDemoShop'

const url = `http://127.0.0.1:${port}`
const data = 'test-results/shop-data'

/**
 * The tests' `test`: with the production build serving a copy of the demo shop. Playwright starts a new worker after a
 * failed test, and with it a new copy, so that a test that is tried again finds the shop as it was.
 */
export const test = base.extend<object, { demoShop: string }>({
  demoShop: [async ({}, use) => {
    await rm(data, { recursive: true, force: true })
    await cp(demoData, data, { recursive: true })
    const server = spawn(process.execPath, ['.output/server/index.mjs'], { env: { ...process.env, MANADA_DATA: data, PORT: String(port), HOST: '127.0.0.1' }, stdio: 'inherit' })
    await expect.poll(() => fetch(`${url}/api/shop`).then(answer => answer.status, () => 0), { timeout: 60_000 }).toBe(200)
    await use(url)
    server.kill()
    if (server.exitCode === null) await once(server, 'exit')
  }, { scope: 'worker', auto: true, timeout: 90_000 }],
})

export { expect }
