import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { XMLParser } from 'fast-xml-parser'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatMoney, minorDigits, parseMoney, percentDifference, plainMoney } from './money'

describe('minorDigits', () => {
  // ISO 4217 list one, column "minor unit" (values from memory of the standard's table).
  it.each([
    ['EUR', 2],
    ['USD', 2],
    ['JPY', 0],
    ['KWD', 3],
  ])('%s has %i', (currency, digits) => {
    expect(minorDigits(currency)).toBe(digits)
  })

  // ISO 4217 list one, "Current currency & funds code list", as published by its maintenance agency on 2024-06-25; the package has it as it
  // came.
  it('are those of ISO 4217 for every currency of its list', () => {
    const file = readFileSync(createRequire(import.meta.url).resolve('currency-codes/iso-4217-list-one.xml'), 'utf8')
    const {
      ISO_4217: {
        CcyTbl: { CcyNtry: entries },
      },
    } = new XMLParser({ parseTagValue: false }).parse(file) as {
      ISO_4217: { CcyTbl: { CcyNtry: { Ccy?: string; CcyMnrUnts?: string }[] } }
    }
    const listed = new Map(entries.filter(each => /^\d$/.test(each.CcyMnrUnts ?? '')).map(each => [each.Ccy!, Number(each.CcyMnrUnts)]))
    expect(listed.size).toBeGreaterThan(150)
    expect([...listed].filter(([code, digits]) => minorDigits(code) !== digits)).toEqual([])
  })
})

describe('formatMoney', () => {
  it('writes minor units with the currency’s own digits', () => {
    expect(formatMoney(1250, 'EUR', 'en')).toBe('€12.50')
    expect(formatMoney(1250, 'JPY', 'en')).toBe('¥1,250')
    expect(formatMoney(1250, 'HUF', 'en').replace(/\s/g, ' ')).toBe('HUF 12.50')
    expect(formatMoney(1250, 'EUR', 'de').replace(/\s/g, ' ')).toBe('12,50 €')
  })
})

describe('percentDifference', () => {
  it.each([
    [32900, 18900, 74],
    [2450, 18900, -87],
    [100, 100, 0],
  ])('%i against %i is %i %%', (price, than, percent) => {
    expect(percentDifference(price, than)).toBe(percent)
  })

  it('has no answer without a price to compare with', () => {
    expect(percentDifference(null, 100)).toBeNull()
    expect(percentDifference(100, null)).toBeNull()
    expect(percentDifference(100, 0)).toBeNull()
  })
})

describe('parseMoney', () => {
  it.each([
    ['12.50', 'EUR', 1250],
    ['12,5', 'EUR', 1250],
    [' 7 ', 'EUR', 700],
    ['0.05', 'EUR', 5],
    ['1250', 'JPY', 1250],
    ['1.234', 'KWD', 1234],
  ])('%j in %s is %i', (text, currency, amount) => {
    expect(parseMoney(text, currency)).toBe(amount)
  })
  it.each([
    ['', 'EUR'],
    ['12.345', 'EUR'],
    ['12.5', 'JPY'],
    ['-1', 'EUR'],
    ['1e3', 'EUR'],
    ['1.234,50', 'EUR'],
    ['.5', 'EUR'],
    ['€5', 'EUR'],
  ])('refuses %j in %s', (text, currency) => {
    expect(parseMoney(text, currency)).toBeNull()
  })
  it('reads back what plainMoney writes', () => {
    fc.assert(
      fc.property(fc.nat(1_000_000_000), fc.constantFrom('EUR', 'JPY', 'KWD'), (amount, currency) => {
        expect(parseMoney(plainMoney(amount, currency), currency)).toBe(amount)
      }),
    )
  })
})
