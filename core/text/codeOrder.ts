/** The order of texts by their code units (ECMA-262, IsLessThan): that of SKUs, which are no words of any language. */
export function byCode(a: string, b: string): number {
  if (a === b) return 0
  return a < b ? -1 : 1
}
