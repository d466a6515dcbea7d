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

  it('are refused when there is no such thing', () => {
    for (const timeZone of ['', 'Nowhere/Else', 'x'.repeat(100), 3])
      expect(commandSchema.safeParse({ type: 'setTimeZone', timeZone }).success).toBe(false)
  })
})
