import fc from 'fast-check'
import { isEqual } from 'es-toolkit'
import { describe, expect, it } from 'vitest'
import { liveAfter } from '../records/releases/liveAfter'
import { planPublishing } from '../records/releases/planPublishing'
import { planReleases } from '../records/releases/planReleases'
import { noDrafts } from '../releases/noDrafts.testing'
import type { ReleaseContent } from '../releases/release'
import { withKept } from '../releases/withKept'
import type { Section } from '../sections/section'
import { makeSection } from '../sections/makeSection.testing'
import type { Versions } from '../sections/versions'
import { asItIs, proposedThings } from './proposedShop'

const keys = ['a', 'b', 'c', 'd']
const anyVersion = fc.option(fc.constantFrom(1, 2, 3), { nil: null })
const of = (key: string, places: number | null) => (places === null ? null : makeSection(key, { places }))
const anySections = fc
  .tuple(...keys.map(() => fc.record({ live: anyVersion, draft: anyVersion })))
  .map(
    versions =>
      new Map<string, Versions<Section>>(
        keys.map((key, i) => [key, { live: of(key, versions[i]!.live), draft: of(key, versions[i]!.draft) }]),
      ),
  )

describe('what shoppers would have', () => {
  it('is what they have after publishing it, whatever is ticked', () => {
    fc.assert(
      fc.property(anySections, fc.subarray(keys, { minLength: 1 }), (sections, ticked) => {
        fc.pre(ticked.some(key => !isEqual(sections.get(key)!.live, sections.get(key)!.draft)))
        const context = { versions: { ...noDrafts, sections }, item: () => undefined }
        const changes = planPublishing({ type: 'publish', sections: ticked, plans: [], looks: [] }, context)
        const proposed = proposedThings('sections', sections, { publish: { sections: ticked } })
        expect([...proposed.values()]).toEqual(liveAfter(changes, context.versions).sections)
        expect([...proposedThings('sections', sections, asItIs).values()]).toEqual([...sections.values()].flatMap(each => each.live ?? []))
      }),
    )
  })

  it('is what they have after going back to a release, whatever it has', () => {
    fc.assert(
      fc.property(anySections, fc.tuple(...keys.map(() => anyVersion)), (sections, then) => {
        const release: ReleaseContent = {
          sections: keys.flatMap((key, i) => of(key, then[i]!) ?? []),
          plans: [],
          looks: null,
          offers: null,
          bundles: null,
        }
        const versions = { ...noDrafts, sections }
        const context = { versions, item: () => undefined, release: () => release, schedules: () => new Map() }
        const proposed = proposedThings('sections', sections, { release: withKept(release, versions) })
        fc.pre(keys.some(key => !isEqual(sections.get(key)!.live, proposed.get(key) ?? null)))
        const changes = planReleases({ type: 'goBack', release: 1 }, context)
        expect(new Map(liveAfter(changes, versions).sections.map(each => [each.key, each]))).toEqual(proposed)
      }),
    )
  })
})
