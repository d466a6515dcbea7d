/*
 * What stands in a cell of a file. A spreadsheet takes a text that begins with one of these for a formula and may run it
 * (OWASP, "CSV Injection"); an apostrophe before it keeps it a text. Numbers are harmless.
 */
const formula = /^'*[=+\-@\t\r\n]/
const guarded = /^'+[=+\-@\t\r\n]/
const number = /^[+-]?\d+(\.\d+)?$/

/** A text as it is written into a cell. */
export const toCell = (text: string) => (formula.test(text) && !number.test(text) ? `'${text}` : text)

/** The text that a cell stands for: toCell taken back. */
export const fromCell = (cell: string) => (guarded.test(cell) ? cell.slice(1) : cell)

/** The values of a cell that holds several. */
export const splitCell = (text: string) =>
  text
    .split('|')
    .map(each => each.trim())
    .filter(Boolean)

export const joinCell = (values: readonly string[]) => values.join('|')

/** `key=value|key=value` in pairs; null when one has no `=` or nothing on a side of it. */
export function splitPairs(text: string): [name: string, value: string][] | null {
  const pairs = splitCell(text).map((each): [string, string] => {
    const cut = each.indexOf('=')
    return [each.slice(0, Math.max(cut, 0)).trim(), each.slice(cut + 1).trim()]
  })
  return pairs.every(([name, value]) => name && value) ? pairs : null
}
