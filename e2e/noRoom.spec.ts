import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync, statfsSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { firstPort } from '../playwright.config'
import { asAdmin, DemoServer } from './demoServer'
import { expect, test } from './test'

const folder = resolve('test-results/small-disk')
const run = (program: string, ...args: string[]) => execFileSync(program, args, { stdio: 'ignore' })
let isMounted = false

// They share the disk.
test.describe.configure({ mode: 'serial' })

test.beforeAll(() => {
  mkdirSync(folder, { recursive: true })
  try {
    run('mount', '-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', folder)
    isMounted = true
  } catch {
    // Only root may, and not everywhere.
  }
})
test.afterAll(() => {
  if (isMounted) run('umount', '-l', folder)
})
let server: DemoServer
test.afterEach(() => server.stop())
test.use({ role: null })

const json = { 'content-type': 'application/json' }

test('on a full disk edits say so and change nothing, shoppers are answered, also after a start anew; with room all goes on', async ({
  page,
}) => {
  test.skip(!isMounted, 'A small disk can’t be mounted here.')
  server = new DemoServer(firstPort + 6, join(folder, 'full'))
  await server.fill()
  await server.start()
  const post = async (path: string, body: string, headers: Record<string, string> = json) => {
    const answer = await fetch(`${server.url}${path}`, { method: 'POST', headers: { ...asAdmin, ...headers }, body })
    return { status: answer.status, ...((await answer.json()) as { type?: string }) }
  }
  const link = (target: string) =>
    post('/api/commands', JSON.stringify({ type: 'link', kind: 'related', on: [{ source: 'EX-410' }], targets: [target] }))
  const delivered = () => fetch(`${server.url}/api/shop/v1/pages/product/EX-410`).then(answer => answer.text())
  const before = await delivered()
  const filler = join(folder, 'filler')
  const { bavail, bsize } = statfsSync(folder)
  // All but a little, and then every last byte.
  writeFileSync(filler, Buffer.alloc(bavail * bsize))

  const full = { status: 507, type: 'urn:manada:problem:disk-full' }
  for (const target of ['PEN', 'HAT', 'SMO-M']) expect(await link(target)).toMatchObject(full)
  const csv = { 'content-type': 'text/csv' }
  expect(await post('/api/exchange/import?kind=products', 'sku,name,price\nNEWX,New,1.00\n', csv)).toMatchObject(full)
  const svg = '<svg xmlns="http://www.w3.org/2000/svg"><rect width="3" height="3"/></svg>'
  expect(await post('/api/pictures', svg, { 'content-type': 'image/svg+xml' })).toMatchObject(full)
  expect(await delivered()).toBe(before)

  await server.stop()
  await server.start()
  expect(await delivered()).toBe(before)
  // People come in to look, and are told at the top that nothing can be saved.
  await page.goto(`${server.url}/products/SMO-M`)
  await page.getByRole('button', { name: 'Go in as the demo merchandiser' }).click()
  const banner = page.locator('.trouble')
  await expect(banner).toContainText('The server’s disk is full: nothing can be saved.')
  expect(await (await fetch(`${server.url}/api/health/ready`)).json()).toEqual({ ready: true, troubles: ['disk-full'] })
  const lane = page.getByRole('region', { name: 'Bench' }).locator('[data-target]')
  await lane.first().focus()
  const count = await lane.count()
  await page.keyboard.press('Delete')
  await expect(page.getByRole('alert').or(page.getByRole('status')).filter({ hasText: 'Nothing was changed' }).first()).toBeVisible()
  await expect(lane).toHaveCount(count)

  rmSync(filler)
  await lane.first().focus()
  await page.keyboard.press('Delete')
  await expect(lane).toHaveCount(count - 1)
  await expect(banner).toHaveCount(0)
  expect((await link('PEN')).status).toBe(200)
})

test('in a folder that may only be read shops are answered, and edits say that nothing can be saved', async () => {
  test.skip(!isMounted, 'A small disk can’t be mounted here.')
  rmSync(join(folder, 'full'), { recursive: true, force: true })
  server = new DemoServer(firstPort + 6, join(folder, 'read'))
  await server.fill()
  run('mount', '-o', 'remount,ro', folder)
  try {
    await server.start()
    expect(await (await fetch(`${server.url}/api/health/ready`)).json()).toEqual({ ready: true, troubles: ['read-only'] })
    expect((await fetch(`${server.url}/api/shop/v1/pages/product/EX-210`)).status).toBe(200)
    expect((await fetch(`${server.url}/api/bench?sku=EX-210`, { headers: asAdmin })).status).toBe(200)
    const answer = await fetch(`${server.url}/api/commands`, {
      method: 'POST',
      headers: { ...asAdmin, ...json },
      body: JSON.stringify({ type: 'link', kind: 'related', on: [{ source: 'EX-410' }], targets: ['PEN'] }),
    })
    expect([answer.status, ((await answer.json()) as { type: string }).type]).toEqual([503, 'urn:manada:problem:read-only'])
    await server.stop()
  } finally {
    run('mount', '-o', 'remount,rw', folder)
  }
})
