import { expect, it } from 'vitest'
import { makeProduct, makeVariant } from './makeProduct.testing'
import { isPictureAddress } from './pictureAddress'
import { imageOf, productSchema } from './product'

const good = ['/pictures/hive.svg', '/a b.png', '/x?size=2#top', 'https://pictures.example/hive.png', 'HTTP://pictures.example:8080/', '/']
const bad = [
  'javascript:alert(1)',
  'data:image/svg+xml,<svg/>',
  '//pictures.example/hive.png',
  '/\\pictures.example/hive.png',
  'https://',
  'https:///hive.png',
  'https://[/hive.png',
  'https://pictures.example:port/',
  'hive.png',
  ' https://pictures.example/hive.png',
  'java\nscript:alert(1)',
  '/hive\0.png',
  `/${'x'.repeat(2048)}`,
  '',
]

it.each(good)('takes %j', address => expect(isPictureAddress(address)).toBe(true))
it.each(bad)('does not take %j', address => expect(isPictureAddress(address)).toBe(false))

it('lets nothing else into a catalogue, nor out of one that has it', () => {
  for (const image of good) expect(imageOf(makeProduct('P', { image }), null)).toBe(image)
  for (const image of bad) {
    expect(productSchema.safeParse(makeProduct('P', { image })).success, image).toBe(false)
    expect(imageOf(makeProduct('P', { image }), null)).toBe(null)
    expect(imageOf(makeProduct('P', { image: '/hive.png' }), makeVariant('P-1', { image }))).toBe(null)
  }
})
