import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../catalogue/makeProduct.testing'
import { makeSection } from '../../sections/makeSection.testing'
import { planSwitch } from './planSwitch'
import { noDrafts } from '../../releases/noDrafts.testing'

const catalogue = new Catalogue([makeProduct('GLO', { variants: [makeVariant('GLO-M')] })], [], [])
const context = {
  item: (sku: string) => catalogue.item(sku),
  versions: { ...noDrafts, sections: new Map([['related', { live: makeSection('related'), draft: null }]]) },
  isSwitchedOff: (source: string) => source === 'OFF',
}

describe('switching a section for a product', () => {
  it('tells what was and what will be', () => {
    expect(planSwitch({ type: 'switchSection', source: 'GLO', section: 'related', off: true }, context)).toEqual([
      { of: 'switchedOff', owner: 'GLO', key: 'related', before: false, after: true },
    ])
  })
  it.each([
    ['GONE', 'related', 'There is no product with the SKU GONE.'],
    ['GLO-M', 'related', 'There is no product'],
    ['GLO', 'gone', 'There is no section with the key gone.'],
  ])('%s, %s is refused', (source, section, words) => {
    expect(() => planSwitch({ type: 'switchSection', source, section, off: true }, context)).toThrow(words)
  })
})
