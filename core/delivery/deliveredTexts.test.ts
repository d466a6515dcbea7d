import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { deliveredProduct } from './deliveredItem'
import { DeliveredTexts } from './deliveredTexts'

const settings = makeSettings({ languages: ['en', 'de'] })
const variant = makeVariant('GLO-M', { options: { size: 'M' } })
const gloves = makeProduct('GLO', { name: { en: 'Gloves', de: 'Handschuhe' }, price: 2400, variants: [variant] })
const catalogue = new Catalogue([gloves], [], [])

describe('the texts of delivered products', () => {
  it('are those of the product as it is, in the language asked for', () => {
    const texts = new DeliveredTexts(settings, catalogue)
    for (const language of ['en', 'de', 'en', 'fr']) {
      for (const item of [
        { product: gloves, variant: null },
        { product: gloves, variant },
      ]) {
        expect(`${texts.of(item, language)}}`).toBe(JSON.stringify(deliveredProduct(item, settings, language, catalogue)))
      }
    }
  })

  it('follow a product that is replaced, also in its variants, which may be the same as before', () => {
    const texts = new DeliveredTexts(settings, catalogue)
    expect(JSON.parse(`${texts.of({ product: gloves, variant }, 'en')}}`)).toMatchObject({ name: 'Gloves, M', price: 2400 })
    const renamed = { ...gloves, name: { en: 'Bee gloves' }, price: 2600 }
    expect(JSON.parse(`${texts.of({ product: renamed, variant }, 'en')}}`)).toMatchObject({ name: 'Bee gloves, M', price: 2600 })
    expect(JSON.parse(`${texts.of({ product: renamed, variant: null }, 'en')}}`)).toMatchObject({ name: 'Bee gloves', price: 2600 })
  })

  it('are written anew for a language that was asked for long ago', () => {
    const texts = new DeliveredTexts(settings, catalogue)
    const item = { product: gloves, variant: null }
    const first = texts.of(item, 'de')
    for (let i = 0; i < 30; i++) texts.of(item, `x-${i}`)
    expect(texts.of(item, 'de')).toBe(first)
  })
})
