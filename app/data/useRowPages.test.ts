import { expect, it } from 'vitest'
import { effectScope } from 'vue'
import { useRowPages } from './useRowPages'

it('shows what there is now when something has changed while rows were on their way', async () => {
  const answers: ((rows: string[]) => void)[] = []
  const scope = effectScope()
  const list = scope.run(() =>
    useRowPages(
      () => 'all',
      () =>
        new Promise<{ total: number; rows: string[] }>(resolve => {
          answers.push(rows => resolve({ total: rows.length, rows }))
        }),
    ),
  )!
  await expect.poll(() => answers.length).toBe(1)
  const refreshed = list.refresh()
  answers[0]!([])
  await expect.poll(() => answers.length).toBe(2)
  answers[1]!(['found since'])
  await refreshed
  expect([list.total.value, list.rowAt(0)]).toEqual([1, 'found since'])
  scope.stop()
})
