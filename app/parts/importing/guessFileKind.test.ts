import { describe, expect, it } from 'vitest'
import { fileKindKeys, fileKindOf } from '../../../core/exchange/kinds/registry'
import { guessFileKind } from './guessFileKind'

const kinds = fileKindKeys.map(kind => {
  const { words, columns, toldBy } = fileKindOf(kind)
  return { kind, ...words, columns: [...columns], toldBy }
})

describe('guessFileKind', () => {
  it('tells a file of every kind by all of its columns', async () => {
    for (const { kind, columns } of kinds) expect(await guessFileKind(new Blob([columns.join(',')]), kinds)).toBe(kind)
  })

  it('tells links from products by the first line', async () => {
    const guess = (text: string) => guessFileKind(new Blob([text]), kinds)
    expect(
      await Promise.all(
        ['source,kind,target\nsku,x,y', '\uFEFFSource;Kind;"Target"', 'sku,name\n', 'NAME;SKU', 'a,b\ntarget,sku', ''].map(guess),
      ),
    ).toEqual(['links', 'links', 'products', 'products', null, null])
  })
})
