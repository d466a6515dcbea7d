import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPlainShop } from '../selection/anyShop.testing'
import { builtInSections } from './builtIn'
import { displayFor, layoutSchema } from './display'
import { makeSection } from './makeSection.testing'
import type { Section } from './section'
import { sectionSchema } from './section'
import { upgradeSection } from './upgradeSection'

/** What the versions of Manada wrote, the first one first: each without what came after it. */
const olderForms: ((section: Section) => object)[] = [
  ({ internalName: _, otherHeadings: __, display: ___, buttons: ____, look: _____, ...rest }) => rest,
  ({ internalName: _, display: __, buttons: ___, look: ____, ...rest }) => rest,
  ({
    internalName: ___,
    look: _,
    display: {
      heading: { icon: __, ...heading },
      ...display
    },
    ...rest
  }) => ({ ...rest, display: { ...display, heading: { ...heading, size: 'medium' } } }),
  ({ internalName: _, ...rest }) => rest,
  same => same,
]

describe('sections as older versions wrote them', () => {
  it.each(olderForms.map((form, i) => [i + 1, form] as const))('become those that Manada begins with: form %i', (_, form) => {
    // Its cards were never those that its layout begins with.
    for (const each of builtInSections.filter(({ key }) => key !== 'bundles-with-it'))
      expect(upgradeSection(form(each) as Section)).toEqual(each)
  })

  it('keep everything that they say, and are as the schema of today says', () => {
    let tried = 0
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom(...olderForms), ({ sections }, form) => {
        for (const each of sections.map(one => JSON.parse(JSON.stringify(one)) as Section)) {
          const old = form(each)
          const upgraded = upgradeSection(old as Section)
          expect(sectionSchema.safeParse(upgraded).success).toBe(true)
          const { display: _, ...kept } = old as Partial<Section>
          expect(upgraded).toMatchObject(kept)
          expect(upgradeSection(upgraded)).toEqual(upgraded)
          tried++
        }
      }),
      { numRuns: 100 },
    )
    expect(tried).toBeGreaterThan(50)
  })

  it('have headings of the size they were drawn in: one smaller in compact layouts', () => {
    const sizeOf = (of: Section['layout'], size: string) => {
      const {
        heading: { icon: _, ...heading },
        ...display
      } = displayFor(of)
      const { look: __, ...rest } = makeSection('old', { layout: of })
      return upgradeSection({ ...rest, display: { ...display, heading: { ...heading, size } } } as unknown as Section).display.heading.size
    }
    const sizes = Object.fromEntries(
      layoutSchema.options.map(of => [of, ['small', 'medium', 'large'].map(size => sizeOf(of, size)).join(' ')]),
    )
    for (const of of layoutSchema.options)
      expect(sizes[of]).toBe(['list', 'checklist', 'spotlight'].includes(of) ? 'small small medium' : 'small medium large')
  })
})
