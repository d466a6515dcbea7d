import { expect, it } from 'vitest'
import { internalNameSchema, namedBy } from './internalName'
import { textIn } from './text'

it('a thing is called by its internal name in every language, or by its heading', () => {
  const heading = { en: 'Goes with it', de: 'Passt dazu' }
  const called = (internalName: string, language: string) => textIn(namedBy({ internalName, heading }), language, 'en')
  expect([called('', 'en'), called('', 'de'), called('Test B', 'en'), called('Test B', 'de')]).toEqual([
    'Goes with it',
    'Passt dazu',
    'Test B',
    'Test B',
  ])
  expect(internalNameSchema.parse('  Test B ')).toBe('Test B')
  expect(internalNameSchema.safeParse('x'.repeat(101)).success).toBe(false)
})
