import type { ExchangeAnswer } from '../../../core/studio/exchangeAnswers'

/** What a file holds, by the names in its first line; null when it names nothing that tells. */
export async function guessFileKind(file: Blob, kinds: ExchangeAnswer['kinds']): Promise<string | null> {
  const [header = ''] = (await file.slice(0, 4096).text()).split(/[\r\n]/, 1)
  const columns = header
    .replace('\uFEFF', '')
    .split(/[;,]/)
    .map(each => each.trim().replaceAll('"', '').toLowerCase())
  return kinds.find(each => columns.includes(each.toldBy.toLowerCase()))?.kind ?? null
}
