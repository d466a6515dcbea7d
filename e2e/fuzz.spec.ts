import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { anyRequest } from './hostileRequests'
import type { HostileRequest } from './hostileRequests'
import { expect, test } from './test'

/** `npm run fuzz` sends more, from another seed each time. */
const count = Number(process.env.FUZZ_REQUESTS ?? 5000)
const seed = Number(process.env.FUZZ_SEED ?? 1)
const atOnce = 8
/** Milliseconds that nothing may take. */
const longest = 2000
/** Megabytes that the server may have taken at the end, of a shop of 160 products. */
const most = 700

test('nothing that is sent to it breaks the server, makes it slow, or fills its memory', async ({ freshShop, baseURL }) => {
  test.setTimeout(120_000 + count * 40)
  await freshShop.stop()
  // It has a word for each of the many pages that are not there.
  const { pid } = await freshShop.start('hidden')
  const requests = fc.sample(anyRequest, { numRuns: count, seed })
  const faults: string[] = []
  const statuses = new Map<number, number>()

  async function send(request: HostileRequest): Promise<{ status: number; took: number; text: string }> {
    const { path, ...rest } = request
    const begun = performance.now()
    const answer = await fetch(`${baseURL}${path}`, { ...rest, redirect: 'manual' })
    const text = await answer.text()
    return { status: answer.status, took: performance.now() - begun, text }
  }
  async function sendNext(): Promise<void> {
    for (let request = requests.pop(); request; request = requests.pop()) {
      const { status, took, text } = await send(request)
      statuses.set(status, (statuses.get(status) ?? 0) + 1)
      if (status >= 500) faults.push(`${status} ${JSON.stringify(request)} ${text.slice(0, 300)}`)
      // A busy machine is slow once; what is slow by itself is so again.
      else if (took > longest && (await send(request)).took > longest) faults.push(`${took.toFixed(0)} ms ${JSON.stringify(request)}`)
    }
  }
  await Promise.all(Array.from({ length: atOnce }, sendNext))

  expect(faults).toEqual([])
  expect(freshShop.isRunning()).toBe(true)
  // Of what was sent, enough was nearly right.
  expect(statuses.get(200)! / count).toBeGreaterThan(0.1)
  expect(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024).toBeLessThan(most)
})
