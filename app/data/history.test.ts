import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Command } from '../../core/records/registry'
import { DeclinedError } from './declinedError'
import { useHistory } from './history'
import { useMessages } from './messages'

/** What is answered to each request, when the test says so. */
let arrived: { path: string; body?: object; answer: (answer: object) => void; refuse: (error: object) => void }[]

beforeEach(() => {
  setActivePinia(createPinia())
  arrived = []
  vi.stubGlobal(
    '$fetch',
    (path: string, { body }: { body?: object } = {}) => new Promise((answer, refuse) => arrived.push({ path, body, answer, refuse })),
  )
})
afterEach(() => vi.unstubAllGlobals())

const done = (undo: string | null, redo: string | null = null) => ({ words: 'Done.', changes: [], undo, redo })
const paths = () => arrived.map(each => each.path)
const command: Command = { type: 'publish', sections: [], plans: [], looks: [] }

it('sends one edit after the other, in the order in which they were made', async () => {
  const history = useHistory()
  const first = history.send(command)
  const second = history.step('undo')
  expect(history.pending).toBe(2)
  await expect.poll(paths).toEqual(['/api/commands'])
  arrived[0]!.answer(done('Publish'))
  await first
  expect(history.undo).toBe('Publish')
  await expect.poll(paths).toEqual(['/api/commands', '/api/undo'])
  arrived[1]!.answer(done(null, 'Publish'))
  expect((await second)?.words).toBe('Done.')
  expect([history.undo, history.redo, history.pending]).toEqual([null, 'Publish', 0])
})

it('undoes once when the last undo is clicked twice', async () => {
  const history = useHistory()
  history.undo = 'Publish'
  const clicks = [history.step('undo'), history.step('undo')]
  await expect.poll(paths).toEqual(['/api/undo'])
  arrived[0]!.answer(done(null, 'Publish'))
  expect((await clicks[0])?.words).toBe('Done.')
  expect(await clicks[1]).toBeNull()
  expect(paths()).toEqual(['/api/undo'])
  expect(useMessages().current).toBeNull()
})

it('goes on after an edit that was refused, and says why it was', async () => {
  const history = useHistory()
  const refused = history.step({ revert: 7 })
  const next = history.send(command)
  await expect.poll(paths).toEqual(['/api/history/revert'])
  arrived[0]!.refuse({ data: { type: 'urn:manada:problem:lane-changed', title: 'Changed', status: 409, detail: 'It was changed since.' } })
  expect(await refused).toBeNull()
  expect(useMessages().current).toMatchObject({ words: 'It was changed since.', tone: 'refused' })
  await expect.poll(paths).toEqual(['/api/history/revert', '/api/commands'])
  arrived[1]!.answer(done('Publish'))
  await next
  expect(history.pending).toBe(0)
})

it('tells what was done with a way back', async () => {
  const history = useHistory()
  history.tellDone('Published.')
  const { current } = useMessages()
  expect(current).toMatchObject({ words: 'Published.', tone: 'done', action: { words: 'Undo' } })
  current!.action!.run()
  await expect.poll(paths).toEqual(['/api/undo'])
})

describe('before many lanes are written', () => {
  const reach = (lanes: number) => ({ lanes, added: lanes, removed: 0, largest: null, pastCeiling: 0 })
  const wide = (lanes: number) => ({ all: reach(lanes), kept: reach(lanes), largestName: '' })
  const link: Command = {
    type: 'link',
    kind: 'related',
    on: Array.from({ length: 21 }, (_, i) => ({ source: `P${i}` })),
    targets: ['T'],
  }

  it.each([
    ['kept', { ...link, keepCeilings: true }],
    ['all', link],
  ] as const)('somebody is asked, and it is sent as they say: %s', async (how, sent) => {
    const history = useHistory()
    const linked = history.send(link)
    await expect.poll(paths).toEqual(['/api/commands/reach'])
    arrived[0]!.answer(wide(21))
    await expect.poll(() => history.asked?.wide.all.lanes).toBe(21)
    // What comes behind it waits.
    const next = history.send(command)
    history.answerAsked(how)
    await expect.poll(paths).toEqual(['/api/commands/reach', '/api/commands'])
    expect(arrived[1]!.body).toEqual(sent)
    expect(history.asked).toBeNull()
    arrived[1]!.answer(done('Link'))
    await linked
    await expect.poll(paths).toHaveLength(3)
    arrived[2]!.answer(done('Publish'))
    await next
  })

  it('nothing is sent when they leave it, and nobody is asked when they are few', async () => {
    const history = useHistory()
    const left = history.send(link)
    left.catch(() => undefined)
    await expect.poll(paths).toEqual(['/api/commands/reach'])
    arrived[0]!.answer(wide(21))
    await expect.poll(() => history.asked).not.toBeNull()
    history.answerAsked(null)
    await expect(left).rejects.toThrow(DeclinedError)
    const few = history.send(link)
    await expect.poll(paths).toEqual(['/api/commands/reach', '/api/commands/reach'])
    arrived[1]!.answer(wide(20))
    await expect.poll(() => paths().at(-1)).toBe('/api/commands')
    arrived[2]!.answer(done('Link'))
    expect((await few).undo).toBe('Link')
  })
})
