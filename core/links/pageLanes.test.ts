import { describe, expect, it } from 'vitest'
import { skuSchema } from '../catalogue/sku'
import { linkKindSchema } from './kind'
import { lanePages, laneSourceSchema, pageLaneKinds, pageOfSource, sourceOfPage } from './pageLanes'

describe('what lanes stand on', () => {
  it('is written and read back', () => {
    for (const page of lanePages) {
      const source = sourceOfPage(page, 'first-inspection')
      expect(pageOfSource(source)).toEqual({ page, key: 'first-inspection' })
      expect(laneSourceSchema.parse(source)).toBe(source)
    }
  })

  it('is never taken for a product, nor a product for it', () => {
    for (const page of lanePages) expect(skuSchema.safeParse(sourceOfPage(page, 'spring')).success).toBe(false)
    for (const each of ['EX-210', 'article', 'category-1', 'a/b']) {
      expect(pageOfSource(each)).toBeNull()
      expect(laneSourceSchema.parse(each)).toBe(each)
    }
  })

  it.each(['page:spring', 'article:', 'article:In Spring', 'article:-x', 'article:x:y', ':x'])('is not %s', source => {
    expect(pageOfSource(source)).toBeNull()
    expect(laneSourceSchema.safeParse(source).error!.issues[0]!.message).toContain('neither a SKU nor an article or category')
  })

  it('has lanes of valid kinds, in the languages that the shop speaks', () => {
    for (const kind of Object.values(pageLaneKinds)) {
      expect(linkKindSchema.parse(kind)).toEqual(kind)
      expect(Object.keys(kind.plural)).toEqual(['en', 'de'])
    }
  })
})
