import { describe, expect, it } from 'vitest'
import { builtInPlans } from '../pagePlans/builtInPlans'
import { sectionsOf } from '../pagePlans/pagePlan'
import { builtInSections } from '../sections/builtIn'
import { pageKinds, pageTypes, zonesOf } from './registry'

describe.each(pageKinds)('the kind of page %s', kind => {
  const {
    drawing: { areas, blocks },
    zones,
  } = pageTypes[kind]

  it('is drawn with all its zones and blocks, and nothing else', () => {
    expect(new Set(areas.flatMap(row => row.split(' ')))).toEqual(new Set([...Object.keys(zones), ...blocks.map(block => block.area)]))
    expect(new Set(areas.map(row => row.split(' ').length)).size).toBe(1)
  })

  it('begins with a plan of sections that there are, in zones that it has', () => {
    const plan = builtInPlans.find(each => each.page === kind)!
    expect(plan).toMatchObject({ key: `${kind}-default`, scope: null })
    for (const zone of plan.zones) expect(zonesOf(kind)).toContain(zone.key)
    for (const key of sectionsOf(plan)) expect(builtInSections.map(each => each.key)).toContain(key)
  })
})

it('no two kinds of pages have a zone of one name: a section stands in it on either', () => {
  const all = pageKinds.flatMap(zonesOf)
  expect(new Set(all).size).toBe(all.length)
})
