import { describe, expect, it } from 'vitest'
import { ruleSchema } from '../../../core/rules/rule'
import { isFilledIn, productTests, sortOf, targetTests } from './ruleTests'

const known = { category: 'hives', attribute: 'fits' }

describe('the tests that a rule can be built of', () => {
  it.each(targetTests)('$name is recognised as what it is when it is begun, and by nothing else', sort => {
    const test = sort.make(known)
    expect(targetTests.filter(each => each.isOf(test)).map(each => each.name)).toEqual([sort.name])
    expect(sortOf(test)).toBe(sort)
  })

  it.each(targetTests)('$name begins as something that a rule takes, unless it has still to be filled in', sort => {
    const test = sort.make(known)
    expect(ruleSchema.safeParse({ when: { all: [] }, pick: { all: [test] } }).success).toBe(isFilledIn(test))
  })

  it.each(productTests)('$name can be asked of the source too', sort => {
    const test = sort.make(known)
    expect(ruleSchema.safeParse({ when: { all: [test] }, pick: { all: [] } }).success).toBe(isFilledIn(test))
  })

  it('what compares can not be asked of the source', () => {
    for (const sort of targetTests.filter(each => !productTests.includes(each))) {
      expect(ruleSchema.safeParse({ when: { all: [sort.make(known)] }, pick: { all: [] } }).success).toBe(false)
    }
  })
})
