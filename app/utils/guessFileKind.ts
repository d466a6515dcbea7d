import type { FileKind } from '../../core/exchange/importReport'

/** What a CSV file holds, by the names in its first line; null when it names neither. */
export async function guessFileKind(file: Blob): Promise<FileKind | null> {
  const [header = ''] = (await file.slice(0, 4096).text()).split(/[\r\n]/, 1)
  const columns = header.replace('\uFEFF', '').split(/[;,]/).map(each => each.trim().replaceAll('"', '').toLowerCase())
  if (columns.includes('target')) return 'links'
  return columns.includes('sku') ? 'products' : null
}
