/** Kinds of pictures that shops show, by the ending of their files. */
export type PictureType = 'png' | 'jpg' | 'webp' | 'avif' | 'svg'

const startsWith = (bytes: Uint8Array, at: number, text: string) =>
  Array.from(text).every((letter, i) => bytes[at + i] === letter.charCodeAt(0))

/**
 * Tells by its first bytes what kind of picture a file is, whatever it is called; null: none of these.
 * Sources: PNG (ISO/IEC 15948), JPEG (ISO/IEC 10918-1), WebP (RFC 9649), AVIF (brand `avif` of ISO/IEC 14496-12), SVG 2 (W3C).
 */
export function pictureType(bytes: Uint8Array): PictureType | null {
  if (bytes[0] === 0x89 && startsWith(bytes, 1, 'PNG\r\n\x1A\n')) return 'png'
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return 'jpg'
  if (startsWith(bytes, 0, 'RIFF') && startsWith(bytes, 8, 'WEBP')) return 'webp'
  if (startsWith(bytes, 4, 'ftypavif')) return 'avif'
  return isSvg(new TextDecoder().decode(bytes.subarray(0, 2000))) ? 'svg' : null
}

/** What may stand ahead of the root element (XML 1.0, production 22, prolog): beginnings, each with what it ends with. */
const prolog = [
  ['<?xml', '?>'],
  ['<!--', '-->'],
  ['<!DOCTYPE svg', '>'],
] as const

/** Whether a text begins as SVG does; it is read once, from the first letter on. */
function isSvg(text: string): boolean {
  let rest = text.trimStart()
  for (;;) {
    const part = prolog.find(([begin]) => rest.startsWith(begin))
    if (!part) return /^<svg[\s>]/.test(rest)
    const [begin, ending] = part
    const end = rest.indexOf(ending, begin.length)
    if (end < 0) return false
    rest = rest.slice(end + ending.length).trimStart()
  }
}
