import { expect, it } from 'vitest'
import { Catalogue } from '../../core/catalogue/catalogue'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import { picturesInUse } from './picturesInUse'

it('are those of products, variants, articles and brands', () => {
  const variants = [makeVariant('V-1', { image: '/pictures/v1.svg' }), makeVariant('V-2')]
  const products = [makeProduct('P', { image: '/pictures/p.svg' }), makeProduct('V', { image: null, variants })]
  const article = { key: 'a', title: {}, body: {}, products: [] }
  const catalogue = new Catalogue(
    products,
    [],
    [
      { ...article, image: '/pictures/a.svg' },
      { ...article, key: 'b', image: null },
    ],
  )
  expect([...picturesInUse({ catalogue, brandMarks: new Map([['Alder', '/pictures/alder.svg']]) })].sort()).toEqual(
    ['a', 'alder', 'p', 'v1'].map(name => `/pictures/${name}.svg`),
  )
})
