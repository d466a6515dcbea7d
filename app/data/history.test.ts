import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Command } from '../../core/records/registry'
import { useHistory } from './history'
import { useMessages } from './messages'

/** What is answered to each request, when the test says so. */
let arrived: { path: string; answer: (answer: object) => void; refuse: (error: object) => void }[]

beforeEach(() => {
  setActivePinia(createPinia())
  arrived = []
  vi.stubGlobal('$fetch', (path: string) => new Promise((answer, refuse) => arrived.push({ path, answer, refuse })))
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
