import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { kindKeySchema } from '../links/kind'
import { keyFor } from './keyFor'

describe('keyFor', () => {
  it('makes small words with hyphens of a name', () => {
    const key = (name: string) => keyFor(name, () => false, 'kind')
    expect(['Finishing touch', ' Rähmchen & Böden!', 'Füße', '10 % off', 'USB-Kabel 2GB', '蜂蜜'].map(key)).toEqual([
      'finishing-touch',
      'raehmchen-boeden',
      'fuesse',
      '10-off',
      'usb-kabel-2gb',
      'kind',
    ])
  })

  it('always makes a valid key that is not taken', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.string({ unit: 'binary' }),
            fc.string({ minLength: 36, maxLength: 60, unit: fc.constantFrom('a', ' ') }),
            fc.constant('same'),
          ),
          { maxLength: 30 },
        ),
        names => {
          const taken = new Set<string>()
          for (const name of names) {
            const key = keyFor(name, each => taken.has(each), 'kind')
            expect(kindKeySchema.safeParse(key).success).toBe(true)
            expect(taken.has(key)).toBe(false)
            taken.add(key)
          }
        },
      ),
    )
  })
})
