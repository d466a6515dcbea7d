import { z } from 'zod'

/** The address of a picture on the shop's own server, or of a safe one elsewhere. */
export const pictureAddressSchema = z
  .string()
  .max(2048)
  .regex(/^(\/(?!\/)[\w.~%/-]+|https:\/\/[^\s"'<>]+)$/, 'This is not the address of a picture.')

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
  return /^\uFEFF?\s*(<\?xml[^>]*\?>\s*)?(<!--[\s\S]*?-->\s*)*(<!DOCTYPE svg[^>]*>\s*)?<svg[\s>]/.test(
    new TextDecoder().decode(bytes.subarray(0, 2000)),
  )
    ? 'svg'
    : null
}
