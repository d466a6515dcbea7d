import { describe, expect, it } from 'vitest'
import { guessFileKind } from './guessFileKind'

describe('guessFileKind', () => {
  it('tells links from products by the first line', async () => {
    const guess = (text: string) => guessFileKind(new Blob([text]))
    expect(await Promise.all(['source,kind,target\nsku,x,y', '\uFEFFSource;Kind;"Target"', 'sku,name\n', 'NAME;SKU', 'a,b\ntarget,sku', ''].map(guess))).toEqual(['links', 'links', 'products', 'products', null, null])
  })
})
