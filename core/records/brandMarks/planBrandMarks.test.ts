import { describe, expect, it } from 'vitest'
import { commandSchema } from '../registry'
import { planBrandMarks } from './planBrandMarks'

const context = {
  hasBrand: (brand: string) => brand === 'Corrie',
  brandMark: (brand: string) => (brand === 'Corrie' ? '/pictures/old.svg' : null),
}
const plan = (given: object) =>
  planBrandMarks(commandSchema.parse({ type: 'setBrandMark', ...given }) as Parameters<typeof planBrandMarks>[0], context)

describe('the mark of a brand', () => {
  it('is set and taken away', () => {
    expect(plan({ brand: 'Corrie', image: '/pictures/new.svg' })).toEqual([
      { of: 'brandMark', owner: '', key: 'Corrie', before: '/pictures/old.svg', after: '/pictures/new.svg' },
    ])
    expect(plan({ brand: 'Corrie', image: null })[0]!.after).toBeNull()
  })
  it('is refused for a brand that no product has, and when it is no address of a picture', () => {
    expect(() => plan({ brand: 'Unheard', image: null })).toThrow('No product is of the brand “Unheard”.')
    expect(
      ['pictures/x.svg', 'javascript:alert(1)', 'http://x/y.svg', '', '/pictures/x y', '//shop.example/x.svg'].map(
        image => commandSchema.safeParse({ type: 'setBrandMark', brand: 'Corrie', image }).success,
      ),
    ).toEqual(Array(6).fill(false))
    expect(commandSchema.safeParse({ type: 'setBrandMark', brand: 'Corrie', image: 'https://shop.example/marks/corrie.svg' }).success).toBe(
      true,
    )
  })
})
