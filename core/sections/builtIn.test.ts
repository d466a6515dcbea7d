import { describe, expect, it } from 'vitest'
import { builtInPlans } from '../pagePlans/builtInPlans'
import { builtInSections } from './builtIn'
import { pageKind, pagePlan } from '../pagePlans/pagePlan'
import { section } from './section'

describe('the built-in sections and plans', () => {
  it('are valid', () => {
    for (const each of builtInSections) section.parse(each)
    for (const each of builtInPlans) pagePlan.parse(each)
  })

  it('have one plan for each kind of page, made of sections that exist', () => {
    expect(builtInPlans.map(plan => plan.page)).toEqual(pageKind.options)
    const known = builtInSections.map(each => each.key)
    expect(new Set(known).size).toBe(known.length)
    const used = builtInPlans.flatMap(plan => plan.zones.flatMap(zone => zone.sections))
    expect(known).toEqual(expect.arrayContaining(used))
    expect(used).toEqual(expect.arrayContaining(known))
  })
})
