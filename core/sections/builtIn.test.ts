import { describe, expect, it } from 'vitest'
import { builtInPlans } from '../pagePlans/builtInPlans'
import { builtInSections } from './builtIn'
import { pageKindSchema, pagePlanSchema, sectionsOf } from '../pagePlans/pagePlan'
import { sectionSchema } from './section'

describe('the built-in sections and plans', () => {
  it('are valid', () => {
    for (const each of builtInSections) sectionSchema.parse(each)
    for (const each of builtInPlans) pagePlanSchema.parse(each)
  })

  it('have one plan for each kind of page, made of sections that exist', () => {
    expect(builtInPlans.map(plan => plan.page)).toEqual(pageKindSchema.options)
    const known = builtInSections.map(each => each.key)
    expect(new Set(known).size).toBe(known.length)
    const used = builtInPlans.flatMap(plan => sectionsOf(plan))
    expect(known).toEqual(expect.arrayContaining(used))
    expect(used).toEqual(expect.arrayContaining(known))
  })
})
