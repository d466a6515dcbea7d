import fc from 'fast-check'
import { isEqual } from 'es-toolkit'
import { describe, expect, it } from 'vitest'
import { liveAfter } from '../records/releases/liveAfter'
import { planPublishing } from '../records/releases/planPublishing'
import { noDrafts } from '../releases/noDrafts.testing'
import type { Section } from '../sections/section'
import { makeSection } from '../sections/makeSection.testing'
import type { Versions } from '../sections/versions'
import { published } from './publishedShop'

const keys = ['a', 'b', 'c', 'd']
const anyVersion = fc.option(fc.constantFrom(1, 2, 3), { nil: null })

describe('what is published', () => {
  it('is what shoppers have after publishing it, whatever is ticked', () => {
    fc.assert(
      fc.property(
        fc.tuple(...keys.map(() => fc.record({ live: anyVersion, draft: anyVersion }))),
        fc.subarray(keys, { minLength: 1 }),
        (versions, ticked) => {
          const of = (key: string, places: number | null) => (places === null ? null : makeSection(key, { places }))
          const sections = new Map<string, Versions<Section>>(
            keys.map((key, i) => [key, { live: of(key, versions[i]!.live), draft: of(key, versions[i]!.draft) }]),
          )
          fc.pre(ticked.some(key => !isEqual(sections.get(key)!.live, sections.get(key)!.draft)))
          const context = { versions: { ...noDrafts, sections }, item: () => undefined }
          const changes = planPublishing({ type: 'publish', sections: ticked, plans: [], looks: [] }, context)
          expect([...published(sections, ticked).values()]).toEqual(liveAfter(changes, context.versions).sections)
          expect([...published(sections).values()]).toEqual([...sections.values()].flatMap(each => each.live ?? []))
        },
      ),
    )
  })
})
