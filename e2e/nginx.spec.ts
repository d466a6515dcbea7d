import type { ChildProcess } from 'node:child_process'
import { execFileSync, spawn } from 'node:child_process'
import { once } from 'node:events'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { request as httpsRequest } from 'node:https'
import { resolve } from 'node:path'
import { asAdmin } from './demoServer'
import { expect, test } from './test'

const nginx = '/usr/sbin/nginx'
const port = 4398
const address = `https://127.0.0.1:${port}`
const folder = resolve('test-results/nginx')

test.skip(!existsSync(nginx), 'Debian’s nginx is not installed: apt-get install nginx-light')
test.use({ role: null, ignoreHTTPSErrors: true })

/** What docs/operating.md shows, with this machine's ports and a certificate of its own. */
function writeSettings(upstream: string): string {
  const shown = /```\n(server \{\n.*?\n\})\n```/s.exec(readFileSync('docs/operating.md', 'utf8'))![1]!
  const certificate = ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', '/CN=studio.example']
  execFileSync('openssl', [...certificate, '-keyout', `${folder}/own.key`, '-out', `${folder}/own.pem`], { stdio: 'ignore' })
  const server = shown
    .replace('listen 443 ssl', `listen 127.0.0.1:${port} ssl`)
    // Debian 12 has an older nginx, where it stands with the port.
    .replace('  http2 on;\n', '')
    .replace('/etc/ssl/studio.example.pem', `${folder}/own.pem`)
    .replace('/etc/ssl/studio.example.key', `${folder}/own.key`)
    .replace('http://127.0.0.1:4310', upstream)
  const paths = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'].map(each => `  ${each}_temp_path ${folder}/${each};`).join('\n')
  const file = `${folder}/nginx.conf`
  writeFileSync(file, `pid ${folder}/pid;\nerror_log stderr;\nevents {}\nhttp {\n  access_log off;\n${paths}\n${server}\n}\n`)
  return file
}

interface Answer {
  status: number
  headers: Record<string, string | string[] | undefined>
}
const ask = (path: string, headers: Record<string, string> = {}, body?: string) =>
  new Promise<Answer>((done, failed) => {
    const sent = httpsRequest(
      address + path,
      { method: body === undefined ? 'GET' : 'POST', headers, rejectUnauthorized: false },
      answer => {
        answer.resume()
        answer.once('end', () => done({ status: answer.statusCode!, headers: answer.headers }))
      },
    )
    sent.once('error', failed)
    sent.end(body)
  })
const json = { 'content-type': 'application/json' }

let proxy: ChildProcess
test.beforeEach(async ({ freshShop }) => {
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  await freshShop.stop()
  await freshShop.start('shown', { MANADA_ADDRESS: address, MANADA_HOSTS: 'studio.example', MANADA_HOPS: '1', MANADA_ORDERS_A_MINUTE: '3' })
  proxy = spawn(nginx, ['-p', folder, '-c', writeSettings(freshShop.url), '-g', 'daemon off;'], { stdio: 'inherit' })
  await expect
    .poll(() =>
      ask('/api/health/ready').then(
        ({ status }) => status,
        () => 0,
      ),
    )
    .toBe(200)
})
test.afterEach(async ({ freshShop }) => {
  proxy.kill()
  await once(proxy, 'exit')
  // The next test wants a server with the usual settings.
  await freshShop.stop()
})

test('behind nginx, as the documentation shows it, people work over TLS and nobody passes for another', async ({ page }) => {
  await page.goto(`${address}/products/EX-210`)
  await page.getByRole('button', { name: 'Go in as the demo merchandiser' }).click()
  await expect(page.getByRole('region', { name: 'Bench' })).toContainText('Two-frame extractor')
  const [cookie] = (await page.context().cookies()).filter(each => each.name === 'manada-session')
  expect(cookie).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Lax' })
  expect((await ask('/shop')).headers['strict-transport-security']).toBe('max-age=31536000')

  // A change of somebody else is told through the proxy at once.
  const link = JSON.stringify({ type: 'link', kind: 'related', on: [{ source: 'EX-210' }], targets: ['PEN'] })
  const lane = page.getByRole('region', { name: 'Bench' }).getByRole('region', { name: 'Related' })
  await expect(lane.locator('[data-target]').first()).toBeVisible()
  expect((await ask('/api/commands', { ...json, ...asAdmin }, link)).status).toBe(200)
  await expect(lane.locator('[data-target="PEN"]')).toBeVisible()

  // The proxy answers for any name; Manada for its own.
  expect((await ask('/shop', { host: 'studio.example' })).status).toBe(200)
  expect((await ask('/shop', { host: 'evil.example' })).status).toBe(421)

  // Whatever a client says of where it comes from, it is one client.
  const order = JSON.stringify({ lines: [{ sku: 'LOG-1', quantity: 1 }], total: 950 })
  const statuses = []
  for (let i = 0; i < 4; i++) {
    const headers = { ...json, 'idempotency-key': `of-this-test-${i}`, 'x-forwarded-for': `203.0.113.${i}` }
    statuses.push((await ask('/api/shop/v1/orders', headers, order)).status)
  }
  expect(statuses).toEqual([201, 201, 201, 429])
})
