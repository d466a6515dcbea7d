import { describe, expect, it } from 'vitest'
import { bundleSchema, countChoices } from './bundle'

const option = { name: 'size', values: ['S', 'M', 'L'] }
const group = (part: object) => ({
  key: 'suit',
  name: { en: 'Suit' },
  quantity: 2,
  products: [],
  options: [option],
  combinations: [],
  ...part,
})
const problemOf = (component: object, ...groups: object[]) =>
  bundleSchema.safeParse({
    type: 'choice',
    groups,
    components: [{ key: 'jar', sku: 'JAR', quantity: 1, ...component }],
    price: { by: 'sum' },
    marginFloor: null,
  }).error?.issues[0]?.message

describe('pieces that are chosen one by one', () => {
  it('are at most twelve of a part; what is chosen at once has no such limit', () => {
    const tooMany = 'At most 12 of a part are chosen one by one.'
    expect(problemOf({ quantity: 13 }, group({ quantity: 13 }))).toBeUndefined()
    expect(problemOf({ quantity: 12, oneByOne: true }, group({ quantity: 12, oneByOne: true }))).toBeUndefined()
    expect(problemOf({ quantity: 13, oneByOne: true })).toBe(tooMany)
    expect(problemOf({}, group({ quantity: 13, oneByOne: true }))).toBe(tooMany)
  })

  it('multiply the choices of their group', () => {
    expect(countChoices({ options: [option], quantity: 2 })).toBe(3)
    expect(countChoices({ options: [option, option], quantity: 2, oneByOne: true })).toBe(81)
    expect(countChoices({ options: [], quantity: 2, oneByOne: true })).toBe(0)
  })
})
