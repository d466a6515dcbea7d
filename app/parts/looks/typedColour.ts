/** A colour as people type it (“#ABC”, “aabbcc”), written out; null: it is none. */
export function typedColour(typed: string): string | null {
  const digits = /^#?([0-9a-f]{3}|[0-9a-f]{6})$/i.exec(typed.trim())?.[1]?.toLowerCase()
  return digits === undefined ? null : `#${digits.length === 3 ? [...digits].map(digit => digit + digit).join('') : digits}`
}
