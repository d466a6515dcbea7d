import { describe, expect, it } from 'vitest'
import type { CommandContext } from '../../journal/commandContext'
import { HeldStates } from '../../journal/states'
import { commandSchema, describeCommand, planCommand } from '../registry'
import { settingRecord } from './settingRecord'

const contextWith = (timeZone: string, isSet: boolean) => {
  const states = new HeldStates()
  if (isSet) settingRecord.apply!({ owner: '', key: 'timeZone', after: timeZone }, states)
  return { timeZone, states } as unknown as CommandContext
}
const setTo = (timeZone: string) => commandSchema.parse({ type: 'setTimeZone', timeZone })

describe('settings', () => {
  it('are set, set otherwise, and left when they are so already', () => {
    const change = { of: 'setting', owner: '', key: 'timeZone', after: 'Europe/London' }
    expect(planCommand(setTo('Europe/London'), contextWith('UTC', false))).toEqual([{ ...change, before: null }])
    expect(planCommand(setTo('Europe/London'), contextWith('Asia/Tokyo', true))).toEqual([{ ...change, before: 'Asia/Tokyo' }])
    for (const isSet of [true, false]) expect(planCommand(setTo('Europe/London'), contextWith('Europe/London', isSet))).toEqual([])
    expect(describeCommand(setTo('Europe/London'), contextWith('UTC', false), 'en')).toBe('Set the shop’s time zone to Europe/London')
  })

  it('say of how many shoppers are told that only a few are left', () => {
    const few = (few: number) => commandSchema.parse({ type: 'setFew', few })
    const context = { few: 5, states: new HeldStates() } as unknown as CommandContext
    expect(planCommand(few(0), context)).toEqual([{ of: 'setting', owner: '', key: 'few', before: null, after: '0' }])
    expect(planCommand(few(5), context)).toEqual([])
    const words = (value: number) => describeCommand(few(value), context, 'en')
    expect([words(0), words(3)]).toEqual([
      'Told shoppers no longer that only a few are left',
      'Told shoppers of 3 things or fewer that only a few are left',
    ])
    for (const wrong of [-1, 100, 1.5, '3']) expect(commandSchema.safeParse({ type: 'setFew', few: wrong }).success).toBe(false)
  })

  it('are refused when there is no such thing', () => {
    for (const timeZone of ['', 'Nowhere/Else', 'x'.repeat(100), 3])
      expect(commandSchema.safeParse({ type: 'setTimeZone', timeZone }).success).toBe(false)
  })
})
