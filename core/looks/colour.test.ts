import { wcagContrast, wcagLuminance } from 'culori'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contrast, minContrast, luminance, mixed, readableLike, readableOn } from './colour'

const anyColour = fc.integer({ min: 0, max: 0xffffff }).map(number => `#${number.toString(16).padStart(6, '0')}`)

describe('contrast', () => {
  it('is what a general-purpose colour package computes', () => {
    fc.assert(
      fc.property(anyColour, anyColour, (a, b) => {
        expect(luminance(a)).toBeCloseTo(wcagLuminance(a), 10)
        expect(contrast(a, b)).toBeCloseTo(wcagContrast(a, b), 10)
      }),
      { numRuns: 2000 },
    )
  })

  it('is what the standard says of black on white, and that of the well-known lightest grey that can be read on white', () => {
    // WCAG 2.2, definition of contrast ratio: it can range from 1 to 21.
    expect(contrast('#000000', '#ffffff')).toBe(21)
    expect(contrast('#8899aa', '#8899aa')).toBe(1)
    // Common practice: #767676 is the lightest grey that passes AA on white.
    expect(contrast('#767676', '#ffffff')).toBeGreaterThanOrEqual(minContrast)
    expect(contrast('#777777', '#ffffff')).toBeLessThan(minContrast)
  })

  it('is enough for text on any colour', () => {
    fc.assert(
      fc.property(anyColour, ground => {
        expect(wcagContrast(readableOn(ground), ground)).toBeGreaterThanOrEqual(minContrast)
      }),
      { numRuns: 2000 },
    )
  })

  it('is mended with a colour that can be read on all grounds, if one can, and left alone where it is enough', () => {
    fc.assert(
      fc.property(anyColour, fc.array(anyColour, { minLength: 1, maxLength: 2 }), (text, grounds) => {
        const found = readableLike(text, grounds)
        const canBeRead = (each: string) => grounds.every(ground => wcagContrast(each, ground) >= minContrast)
        if (found === null) expect(['#000000', '#ffffff'].some(canBeRead)).toBe(false)
        else expect(canBeRead(found)).toBe(true)
        if (canBeRead(text)) expect(found).toBe(text)
      }),
      { numRuns: 500 },
    )
  })
})

describe('a colour laid over another', () => {
  it('lies between the two', () => {
    expect([mixed('#ff0000', '#ffffff', 0), mixed('#ff0000', '#ffffff', 0.5), mixed('#ff0000', '#ffffff', 1)]).toEqual([
      '#ffffff',
      '#ff8080',
      '#ff0000',
    ])
  })
})
