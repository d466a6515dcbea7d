import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { EffectScope } from 'vue'
import { effectScope, ref } from 'vue'
import type { ProductRow } from '../../../core/workbench/workbench'
import { useFoundProducts } from './useFoundProducts'

let scope: EffectScope
let asked: { query: Record<string, unknown>; answer: (skus: string[]) => void }[]

beforeEach(() => {
  setActivePinia(createPinia())
  asked = []
  vi.stubGlobal(
    '$fetch',
    (_: string, { query }: { query: Record<string, unknown> }) =>
      new Promise(answer => asked.push({ query, answer: skus => answer({ total: skus.length, rows: skus.map(rowOf) }) })),
  )
})
afterEach(() => {
  scope.stop()
  vi.unstubAllGlobals()
})

const rowOf = (sku: string): ProductRow => ({
  sku,
  product: sku,
  name: sku,
  brand: null,
  image: null,
  price: 100,
  stock: 1,
  status: 'active',
  forSale: true,
  isBundle: false,
  links: {},
  variants: 0,
  timesTarget: 0,
  sold: 0,
  shared: [],
})

function begin(first: string, query?: { status?: string }) {
  const words = ref(first)
  scope = effectScope()
  const found = scope.run(() => useFoundProducts(words, query))!
  return { words, skus: () => found.value.map(each => each.sku), questions: () => asked.map(each => each.query.q) }
}

it('has nothing to choose from while other words are being looked for', async () => {
  const { words, skus, questions } = begin('hive')
  await expect.poll(questions).toEqual(['hive'])
  asked[0]!.answer(['HIVE-1', 'HIVE-2'])
  await expect.poll(skus).toEqual(['HIVE-1', 'HIVE-2'])

  words.value = 'gloves'
  expect(skus()).toEqual([])
  await expect.poll(questions).toEqual(['hive', 'gloves'])
  expect(skus()).toEqual([])
  asked[1]!.answer(['GLO'])
  await expect.poll(skus).toEqual(['GLO'])
})

it('takes no answer for words that were typed over', async () => {
  const { words, skus, questions } = begin('hive')
  await expect.poll(questions).toEqual(['hive'])
  words.value = 'gloves'
  await expect.poll(questions).toEqual(['hive', 'gloves'])
  asked[1]!.answer(['GLO'])
  await expect.poll(skus).toEqual(['GLO'])
  asked[0]!.answer(['HIVE-1'])
  await new Promise(resolve => setTimeout(resolve, 5))
  expect(skus()).toEqual(['GLO'])
})

it('asks for nothing without words, and for the first dozen with some', async () => {
  const { words, questions } = begin(' ', { status: 'active' })
  await new Promise(resolve => setTimeout(resolve, 200))
  expect(questions()).toEqual([])
  words.value = 'hive'
  await expect.poll(questions).toEqual(['hive'])
  expect(asked[0]!.query).toMatchObject({ status: 'active', limit: 12 })
})
