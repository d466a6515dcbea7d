import type { ChildProcess } from 'node:child_process'
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { cp, rm } from 'node:fs/promises'
import { port } from '../playwright.config'
import { databaseFile, openDatabase } from '../server/db/database'
import { demoData } from './fillDemoShop'
import { expect, test } from './test'

const folder = 'test-results/kill-data'
const url = `http://127.0.0.1:${port + 1}`
const env = { ...process.env, MANADA_DATA: folder, PORT: String(port + 1), HOST: '127.0.0.1' }

async function start(): Promise<ChildProcess> {
  const server = spawn(process.execPath, ['.output/server/index.mjs'], { env, stdio: 'inherit' })
  await expect.poll(() => fetch(`${url}/api/shop`).then(answer => answer.status, () => 0), { timeout: 20_000 }).toBe(200)
  return server
}

const targets = ['SEED-CLO', 'SEED-SUN', 'SEED-THY', 'SEED-CRO', 'SEED-PHA', 'SEED-MEA', 'TREE-1', 'POUCH-1']
const sources = ['BK-WAX', 'BK-SWARM', 'BK-PLANT', 'BK-HEALTH', 'GAIT', 'HAT', 'MEAD', 'CARTON']

async function targetsOf(source: string, kind: string): Promise<string[]> {
  const { products } = await (await fetch(`${url}/api/bench?sku=${source}`)).json() as { products: { lanes: Record<string, { target: string }[]> }[] }
  return products[0]!.lanes[kind]!.map(row => row.target)
}

/** Links one target after another to a source until the server is gone. Returns what was confirmed, and what was sent last. */
async function keepLinking(source: string, kind: string, onConfirmed: () => void): Promise<{ source: string, kind: string, confirmed: string[], last: string[] }> {
  let confirmed: string[] = []
  for (;;) {
    // Filled lanes are emptied again, so that writing never ends.
    const full = confirmed.length === targets.length
    const next = full ? [] : [...confirmed, targets[confirmed.length]!]
    const body = full ? { type: 'unlink', targets: confirmed } : { type: 'link', targets: [next.at(-1)] }
    try {
      const answer = await fetch(`${url}/api/commands`, {
        method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ ...body, kind, on: [{ source, seen: confirmed }] }),
      })
      if (answer.status !== 200) throw new Error(`unexpected: ${await answer.text()}`)
      await answer.json()
      confirmed = next
      onConfirmed()
    } catch (error) {
      if (error instanceof Error && error.message.startsWith('unexpected')) throw error
      return { source, kind, confirmed, last: next }
    }
  }
}

test('killing the server in the middle of writes loses nothing that was confirmed', async () => {
  await rm(folder, { recursive: true, force: true })
  await cp(demoData, folder, { recursive: true })
  // The demo's own links of these kinds are none, so that each lane begins empty.
  for (const pause of [400, 900, 250]) {
    const server = await start()
    const emptied = await Promise.all(sources.map(async (source) => {
      const seen = await targetsOf(source, 'upsell')
      if (seen.length) {
        await fetch(`${url}/api/commands`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ type: 'unlink', targets: seen, kind: 'upsell', on: [{ source, seen }] }) })
      }
      return source
    }))
    let written = 0
    const writing = Promise.all(emptied.map(source => keepLinking(source, 'upsell', () => written++)))
    await expect.poll(() => written).toBeGreaterThan(0)
    await new Promise(resolve => setTimeout(resolve, pause))
    server.kill('SIGKILL')
    await once(server, 'exit')
    const lanes = await writing

    const again = await start()
    for (const { source, kind, confirmed, last } of lanes) {
      // What was sent last may have been done before the answer was lost; nothing else may differ.
      expect([confirmed, last]).toContainEqual(await targetsOf(source, kind))
    }
    again.kill('SIGTERM')
    await once(again, 'exit')

    const db = await openDatabase(databaseFile(folder))
    expect(await db.select('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }])
    expect(await db.select('PRAGMA foreign_key_check')).toEqual([])
    // The journal and the links tell the same story.
    for (const { source, kind } of lanes) {
      const [entry] = await db.select<{ after: string }>('SELECT after FROM journal_changes WHERE source = ? AND kind = ? ORDER BY entryId DESC LIMIT 1', [source, kind])
      const links = await db.select<{ target: string }>(
        `SELECT targets.sku AS target FROM links JOIN products AS sources ON sources.id = sourceId JOIN products AS targets ON targets.id = targetId
         WHERE sources.sku = ? AND kind = ? ORDER BY place`, [source, kind])
      expect(links).toEqual(entry ? JSON.parse(entry.after) : [])
    }
    await db.close()
  }
})

test('the server stops cleanly when asked to, also while a studio listens for changes', async () => {
  const server = await start()
  const listening = await fetch(`${url}/api/events`)
  const asked = Date.now()
  server.kill('SIGINT')
  const [code] = await once(server, 'exit') as [number]
  expect(code).toBe(0)
  expect(Date.now() - asked, 'no waiting for the open stream').toBeLessThan(10_000)
  await listening.body?.cancel().catch(() => undefined)
})
