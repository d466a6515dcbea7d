import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from './catalogue'
import { makeProduct } from './makeProduct.testing'
import { categoriesLeftOut, sameTrait, withCountingTraits } from './neighbours'
import { traitsOf } from './traits'

const some = (...values: string[]) => fc.subarray(values)
const anyProduct = fc
  .record({
    categories: some('hives', 'tools'),
    brand: fc.option(fc.constant('Marrowby')),
    tags: some('metal', 'hives'),
    attributes: fc
      .record({ fits: some('National', 'Commercial'), size: some('National') })
      .map(all => Object.fromEntries(Object.entries(all).filter(([, values]) => values.length))),
  })
  .map(part => makeProduct('P', part))

describe('withCountingTraits', () => {
  it('leaves exactly the traits that are not ignored, whatever they are called', () => {
    fc.assert(
      fc.property(
        anyProduct.chain(product => fc.tuple(fc.constant(product), fc.subarray(traitsOf(product)))),
        ([product, ignored]) => {
          const left = traitsOf(withCountingTraits(product, { ignored, leaveOut: [] }))
          expect(left).toEqual(traitsOf(product).filter(trait => !ignored.some(other => sameTrait(trait, other))))
        },
      ),
    )
  })
})

describe('categoriesLeftOut', () => {
  it('takes the categories below along', () => {
    const category = (key: string, parent: string | null) => ({ key, name: {}, parent })
    const catalogue = new Catalogue(
      [],
      [category('hives', null), category('frames', 'hives'), category('wax', 'frames'), category('tools', null)],
      [],
    )
    expect([...categoriesLeftOut({ ignored: [], leaveOut: ['frames', 'gone'] }, catalogue)]).toEqual(['frames', 'wax'])
  })
})
