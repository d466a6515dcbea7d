import { describe, expect, it } from 'vitest'
import { cardPartSchema, devices, displaySchema, displayFor, layoutSchema, layoutFor } from './display'

describe('how a section looks', () => {
  it.each(layoutSchema.options)('a %s begins with a look that is valid', of => {
    expect(displaySchema.parse(displayFor(of))).toEqual(displayFor(of))
    // A wider screen never shows fewer side by side than a narrower one.
    const [desktop, tablet, phone] = devices.map(device => displayFor(of).devices[device].columns)
    expect(desktop! >= tablet! && tablet! >= phone!).toBe(true)
  })

  it('leaves a single product, and several, where they are at home', () => {
    expect(layoutSchema.options.filter(of => layoutFor(of, 1) !== of)).toEqual(['grid', 'shelf', 'comparison'])
    for (const of of layoutSchema.options) for (const count of [0, 2, 12]) expect(layoutFor(of, count)).toBe(of)
  })

  const plain = displayFor('grid')
  const withColumns = (columns: number) => ({ ...plain, devices: { ...plain.devices, phone: { columns, rows: null } } })
  it.each([
    ['no column', withColumns(0)],
    ['seven columns', withColumns(7)],
    ['half a column', withColumns(1.5)],
    ['no row', { ...plain, devices: { ...plain.devices, phone: { columns: 1, rows: 0 } } }],
    ['a device that there is none of', { ...plain, devices: { ...plain.devices, watch: { columns: 1, rows: null } } }],
    ['a part that cards have not', { ...plain, card: [...cardPartSchema.options, 'rating'] }],
    ['something else', { ...plain, colour: 'red' }],
  ])('%s is refused', (_, wrong) => {
    expect(displaySchema.safeParse(wrong).success).toBe(false)
  })
})
