import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { EffectScope } from 'vue'
import { effectScope, ref } from 'vue'
import type { PageKind } from '../../../core/pageTypes/registry'
import type { MeterReading } from '../../../core/studio/sectionAnswers'
import { useFill } from './useFill'

let scope: EffectScope
let asked: { section: string; answer: (full: number, settled?: boolean) => void; refuse: () => void }[]

beforeEach(() => {
  setActivePinia(createPinia())
  asked = []
  vi.stubGlobal(
    '$fetch',
    (_: string, { query }: { query: { section: string } }) =>
      new Promise((answer, refuse) =>
        asked.push({
          section: query.section,
          answer: (full, settled = true) => answer({ draft: readingOf(full), live: readingOf(full), settled }),
          refuse: () =>
            refuse({ data: { type: 'urn:manada:problem:gone', title: 'Gone', status: 404, detail: 'There is no such section.' } }),
        }),
      ),
  )
})
afterEach(() => {
  scope.stop()
  vi.unstubAllGlobals()
})

const readingOf = (full: number): MeterReading => ({
  fill: { places: 1, pages: [0, full], steps: [full], unpicked: 0 },
  done: full,
  total: full,
  exists: true,
})
const later = (ms: number) => new Promise(resolve => setTimeout(resolve, ms))

function begin() {
  const of = ref<{ section: string; page: PageKind }>({ section: 'related', page: 'product' })
  scope = effectScope()
  const { answer, failed } = scope.run(() => useFill(() => of.value))!
  return { of, failed, full: () => answer.value?.draft.fill?.pages[1], sections: () => asked.map(each => each.section) }
}

it('asks again until everything is counted in, and then no more', async () => {
  const { full, sections } = begin()
  expect(sections()).toEqual(['related'])
  asked[0]!.answer(3, false)
  await expect.poll(full).toBe(3)
  await expect.poll(sections).toEqual(['related', 'related'])
  asked[1]!.answer(5)
  await expect.poll(full).toBe(5)
  await later(500)
  expect(sections()).toEqual(['related', 'related'])
})

it('takes no answer about a section that was left', async () => {
  const { of, full, sections } = begin()
  of.value = { section: 'upsells', page: 'product' }
  await expect.poll(sections).toEqual(['related', 'upsells'])
  asked[1]!.answer(8)
  await expect.poll(full).toBe(8)
  asked[0]!.answer(3, false)
  await later(500)
  expect([full(), sections()]).toEqual([8, ['related', 'upsells']])
})

it('says why there is nothing, until there is', async () => {
  const { of, full, failed } = begin()
  asked[0]!.refuse()
  await expect.poll(() => failed.value).toBe('There is no such section.')
  of.value = { section: 'upsells', page: 'product' }
  await expect.poll(() => asked.length).toBe(2)
  asked[1]!.answer(2)
  await expect.poll(() => [full(), failed.value]).toEqual([2, ''])
})

it('asks no more when nobody looks any more', async () => {
  const { sections } = begin()
  asked[0]!.answer(3, false)
  scope.stop()
  await later(500)
  expect(sections()).toEqual(['related'])
})
