import fc from 'fast-check'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Command } from '../../core/records/registry'
import { changedParts, useResource } from './resource'

interface Thing {
  name: string
  size: string
}

/** A server that keeps a thing, refuses edits of what is not as it was seen, and takes its time. */
class SlowServer {
  thing: Thing = { name: 'a', size: 'a' }
  refused = 0
  arrived: Partial<Thing>[] = []
  delays: number[]

  constructor(delays: number[]) {
    this.delays = delays
  }

  /** What is answered is how it was when it was asked, as with a real server; the way back takes half of the time. */
  async answer<T>(work: () => T): Promise<T> {
    const delay = this.delays.shift() ?? 10
    await wait(delay)
    const result = work()
    await wait(delay)
    return result
  }

  write({ settings, seen }: { settings: Partial<Thing>; seen: Partial<Thing> }) {
    const isStale = Object.entries(seen).some(([part, value]) => this.thing[part as keyof Thing] !== value)
    if (isStale) {
      this.refused++
      throw Object.assign(new Error(), {
        data: { type: 'urn:manada:problem:changed-meanwhile', title: 'Changed', status: 409, detail: 'Somebody else changed it.' },
      })
    }
    this.thing = { ...this.thing, ...settings }
    this.arrived.push(settings)
    return { words: 'Changed', changes: [], undo: 'Change', redo: null }
  }
}
const wait = (ms: number) => new Promise(resolve => setTimeout(resolve, ms))

function begin(delays: number[] = []) {
  setActivePinia(createPinia())
  const server = new SlowServer(delays)
  vi.stubGlobal('$fetch', (_: string, { body }: { body: { settings: Partial<Thing>; seen: Partial<Thing> } }) =>
    server.answer(() => server.write(body)),
  )
  const stored = useResource((_: null) => server.answer(() => ({ ...server.thing })))
  const edit = (settings: Partial<Thing>, typed = false) =>
    stored.edit(
      { ...stored.value.value!, ...settings },
      (before, next) => {
        const parts = changedParts(before, next)
        return parts && ({ type: 'change', ...parts } as unknown as Command)
      },
      { typed },
    )
  return { server, stored, edit }
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function opened(delays: number[] = []) {
  const all = begin(delays)
  const opening = all.stored.open(null)
  await vi.runAllTimersAsync()
  await opening
  return all
}

const step = fc.oneof(
  fc.record({ edit: fc.constantFrom('name', 'size'), to: fc.constantFrom('a', 'b', 'c', 'd'), typed: fc.boolean() }),
  fc.record({ wait: fc.integer({ min: 0, max: 900 }) }),
  fc.record({ load: fc.constant(true) }),
)

type Steps = (typeof step extends fc.Arbitrary<infer One> ? One : never)[]
/** A load that is asked for before an edit has arrived, and answered after the load that follows the edit. */
const overtaken: [Steps, number[]] = [
  [
    { load: true },
    { edit: 'name', to: 'b', typed: false },
    { load: true },
    { load: true },
    { edit: 'name', to: 'a', typed: false },
    { load: true },
  ],
  [1, 1, 1, 1, 33, 12],
]

it('never puts back what was edited here, and ends as the server has it', async () => {
  let edits = 0
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 25 }), fc.array(fc.integer({ min: 1, max: 400 })), async (steps, delays) => {
      const { server, stored, edit } = await opened([...delays])
      const meant: Thing = { name: 'a', size: 'a' }
      for (const each of steps) {
        if ('edit' in each) {
          meant[each.edit as keyof Thing] = each.to
          edits++
          void edit({ [each.edit]: each.to }, each.typed)
        } else if ('load' in each) void stored.load()
        else await vi.advanceTimersByTimeAsync(each.wait)
        expect(stored.value.value).toEqual(meant)
      }
      await vi.runAllTimersAsync()
      expect(stored.value.value).toEqual(meant)
      expect(server.thing).toEqual(meant)
      expect(server.refused).toBe(0)
    }),
    { numRuns: 500, examples: [overtaken] },
  )
  expect(edits).toBeGreaterThan(200)
})

it('lets whoever waits for it wait for the newest, so that what was added is there', async () => {
  const { server, stored } = await opened()
  server.delays = [20, 100]
  const first = stored.load()
  // The first has read by now, and is on its way back.
  await vi.advanceTimersByTimeAsync(25)
  server.thing = { name: 'added', size: 'a' }
  void stored.load()
  const seen = first.then(() => stored.value.value)
  await vi.runAllTimersAsync()
  expect(await seen).toEqual({ name: 'added', size: 'a' })
})

it('takes what somebody else wrote when its own edit is refused, and goes on from there', async () => {
  const { server, stored, edit } = await opened()
  server.thing = { name: 'theirs', size: 'a' }
  void edit({ name: 'mine' })
  expect(stored.value.value).toEqual({ name: 'mine', size: 'a' })
  await vi.runAllTimersAsync()
  expect(server.refused).toBe(1)
  expect(stored.value.value).toEqual({ name: 'theirs', size: 'a' })
  void edit({ name: 'mine' })
  await vi.runAllTimersAsync()
  expect(server.thing).toEqual({ name: 'mine', size: 'a' })
})

it('sends what is typed once, when the typing pauses; what was typed back is not sent', async () => {
  const { server, edit } = await opened()
  for (const name of ['s', 'sm', 'smo']) {
    void edit({ name }, true)
    await vi.advanceTimersByTimeAsync(200)
  }
  expect(server.arrived).toEqual([])
  await vi.runAllTimersAsync()
  expect(server.arrived).toEqual([{ name: 'smo' }])
  void edit({ name: 'smok' }, true)
  void edit({ name: 'smo' }, true)
  await vi.runAllTimersAsync()
  expect(server.arrived).toEqual([{ name: 'smo' }])
})

it('sends what is being typed before another thing is opened', async () => {
  const { server, stored, edit } = await opened()
  void edit({ size: 'b' }, true)
  stored.close()
  await vi.runAllTimersAsync()
  expect(server.arrived).toEqual([{ size: 'b' }])
})
