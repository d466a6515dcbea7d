import { describe, expect, it } from 'vitest'
import { nameOrder } from './nameOrder'

describe('nameOrder', () => {
  it('follows the language, whatever the machine is set to', () => {
    // CLDR: in Swedish and Danish ä and å are letters of their own after z; in German ä stands with a. In Danish aa is another way to write
    // å.
    const names = ['Zange', 'Ärmel', 'Aal', 'Anker']
    expect(names.toSorted(nameOrder('de'))).toEqual(['Aal', 'Anker', 'Ärmel', 'Zange'])
    expect(names.toSorted(nameOrder('sv'))).toEqual(['Aal', 'Anker', 'Zange', 'Ärmel'])
    expect(names.toSorted(nameOrder('da'))).toEqual(['Anker', 'Zange', 'Ärmel', 'Aal'])
  })
  it('takes numbers as numbers, and neither case nor accents for a difference', () => {
    expect(['Frame 10', 'frame 9', 'Frame 1'].toSorted(nameOrder('en'))).toEqual(['Frame 1', 'frame 9', 'Frame 10'])
    expect(nameOrder('en')('Hivé', 'hive')).toBe(0)
  })
})
