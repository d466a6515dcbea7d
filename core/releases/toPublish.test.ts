import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { draftedSortNames } from './draftedSorts'
import { draftNames, draftNamesSchema } from './toPublish'

const anyKeys = fc.uniqueArray(fc.stringMatching(/^[a-z0-9]{1,8}(-[a-z0-9]{1,4})?$/), { minLength: 1, maxLength: 4 })

describe('drafts in an address', () => {
  it('come back as they were written', () => {
    const anyToPublish = fc.record(Object.fromEntries(draftedSortNames.map(sort => [sort, anyKeys])), { requiredKeys: [] })
    fc.assert(
      fc.property(anyToPublish, keys => {
        expect(draftNamesSchema.parse(draftNames(keys))).toEqual(keys)
      }),
    )
  })

  it('are of a known sort, with a key', () => {
    for (const name of ['section', 'section:', 'shelf:a', 'section:A', 'section:a:b', ':a'])
      expect(draftNamesSchema.safeParse(`section:related,${name}`).error?.issues[0]?.message).toContain(`“${name}” is not a draft.`)
    expect(draftNamesSchema.parse('')).toEqual({})
  })
})
