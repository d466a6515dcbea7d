import { describe, expect, it } from 'vitest'
import { upgradeChange } from './registry'

describe('a change that a version before has written', () => {
  it('is read in today’s form, when what it stands on and its key were called source and kind', () => {
    const change = { of: 'links', before: [], after: [{ target: 'B' }] }
    const today = { ...change, owner: 'A', key: 'related' }
    expect(upgradeChange({ ...change, source: 'A', kind: 'related' })).toEqual(today)
    expect(upgradeChange(today)).toEqual(today)
    expect(upgradeChange({ of: 'brandMark', source: '', kind: 'Alder', before: null, after: 'a.svg' })).toEqual({
      of: 'brandMark',
      owner: '',
      key: 'Alder',
      before: null,
      after: 'a.svg',
    })
  })
})
