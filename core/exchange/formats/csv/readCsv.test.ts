import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { readCsv } from './readCsv'

async function* pieces(bytes: Uint8Array, size: number) {
  for (let at = 0; at < bytes.length; at += size) yield bytes.subarray(at, at + size)
}
async function read(text: string | Uint8Array, size = 7): Promise<{ line: number; cells: string[] }[]> {
  const records = []
  for await (const each of readCsv(pieces(typeof text === 'string' ? new TextEncoder().encode(text) : text, size))) records.push(each)
  return records
}
const cells = async (text: string | Uint8Array) => (await read(text)).map(each => each.cells)

describe('readCsv', () => {
  // Y. Shafranovich, "Common Format and MIME Type for CSV Files", RFC 4180 (2005), section 2, rule by rule.
  it('keeps the rules of RFC 4180', async () => {
    expect(await cells('aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n')).toEqual([
      ['aaa', 'bbb', 'ccc'],
      ['zzz', 'yyy', 'xxx'],
    ])
    expect(await cells('aaa,bbb,ccc\r\nzzz,yyy,xxx')).toEqual([
      ['aaa', 'bbb', 'ccc'],
      ['zzz', 'yyy', 'xxx'],
    ])
    expect(await cells('field_name,field_name2\r\naaa, bbb ')).toEqual([
      ['field_name', 'field_name2'],
      ['aaa', ' bbb '],
    ])
    expect(await cells('"aaa","bbb","ccc"\r\nzzz,yyy,xxx')).toEqual([
      ['aaa', 'bbb', 'ccc'],
      ['zzz', 'yyy', 'xxx'],
    ])
    expect(await cells('"aaa","b\r\nbb","c,cc"\r\nzzz,yyy,xxx')).toEqual([
      ['aaa', 'b\r\nbb', 'c,cc'],
      ['zzz', 'yyy', 'xxx'],
    ])
    expect(await cells('"aaa","b""bb","ccc"')).toEqual([['aaa', 'b"bb', 'ccc']])
  })

  it('reads what a general CSV library writes, and reads it as that library does, cut into pieces anywhere', async () => {
    const cell = fc.oneof(fc.string(), fc.string({ unit: fc.constantFrom('"', ',', ';', '\n', '\r', ' ', 'ä', '𝕏', "'", '=') }))
    const table = fc.tuple(fc.integer({ min: 1, max: 4 }), fc.array(fc.array(cell, { minLength: 4, maxLength: 4 }), { maxLength: 6 }))
    await fc.assert(
      fc.asyncProperty(
        table,
        fc.constantFrom(',', ';'),
        fc.constantFrom('\r\n', '\n'),
        fc.integer({ min: 1, max: 40 }),
        fc.boolean(),
        async ([width, rows], delimiter, newline, size, bom) => {
          const data = [['sku', 'name', 'price', 'stock'].slice(0, width), ...rows.map(row => ['x', ...row].slice(0, width))]
          fc.pre(width > 1 && !data.flat().some(each => each.includes('\0')))
          const text = Papa.unparse(data, { delimiter, newline })
          const found = await read(`${bom ? '\uFEFF' : ''}${text}`, size)
          expect(found.map(each => each.cells)).toEqual(data)
          expect(found.map(each => each.cells)).toEqual(Papa.parse(text, { delimiter, newline }).data)
          // A record begins behind all the line breaks of those before it.
          let line = 1
          for (const [i, record] of data.entries()) {
            expect(found[i]!.line).toBe(line)
            line += 1 + record.reduce((sum, cell) => sum + cell.split(/\r\n|\n|\r/).length - 1, 0)
          }
        },
      ),
      { numRuns: 400 },
    )
  })

  it('knows the line of a record after empty lines and long cells', async () => {
    expect((await read('a,b\n\n"1\n2",x\n\n\ny,z')).map(each => each.line)).toEqual([1, 3, 7])
  })

  it('takes commas or semicolons, whichever the first line has', async () => {
    expect(await cells('a;b\n1,5;x')).toEqual([
      ['a', 'b'],
      ['1,5', 'x'],
    ])
    expect(await cells('a,b\n1;5,x')).toEqual([
      ['a', 'b'],
      ['1;5', 'x'],
    ])
  })

  it('says what is wrong with a file that is none, and where', async () => {
    await expect(read('')).rejects.toThrow('The file is empty.')
    await expect(read('a,b\nx,"y\nz')).rejects.toThrow('In the row that begins in line 2 a quote is opened and never closed.')
    await expect(read('a,b\n\nx,"y"z\n')).rejects.toThrow(/begins in line \d a quote stands in the middle of a cell/)
    await expect(read(`a,b\nx,"${'y\n'.repeat(600_000)}`, 65_536)).rejects.toThrow(
      'The row that begins in line 2 has more than 1,000,000 characters.',
    )
    await expect(read(Uint8Array.of(0x61, 0x0a, 0x62, 0x0a, 0xfc, 0x0a))).rejects.toThrow('line 3 has a byte that UTF-8 does not allow')
    await expect(read(Uint8Array.of(0x61, 0x0a, 0xc3))).rejects.toThrow('ends in the middle of a character in line 2')
    await expect(read(Uint8Array.of(0xff, 0xfe, 0x61, 0x00))).rejects.toThrow('The file is in UTF-16.')
    await expect(read('a,b\nx,\0')).rejects.toThrow('Line 2 has a null character')
  })
})
