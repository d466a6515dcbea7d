import { z } from 'zod'

/**
 * Whether a text is the address of a picture that a page may show: a path on the shop's own server, or an absolute one of http or https.
 * Nothing else leaves Manada: `javascript:` and `data:` could do more than show a picture, and what is no address takes down who reads it.
 */
export function isPictureAddress(text: string): boolean {
  // A browser takes a backslash for a slash, and two slashes for the beginning of another server's name; it passes over control characters.
  if (text.length > 2048 || /[\\\p{Cc}]/u.test(text)) return false
  if (text.startsWith('/')) return !text.startsWith('//')
  return /^https?:\/\/[^\s/]/i.test(text) && URL.canParse(text)
}

/** The address of a picture, wherever it comes from. */
export const pictureAddressSchema = z
  .string()
  .min(1)
  .max(2048)
  .refine(isPictureAddress, 'This is not the address of a picture: it begins with “/”, “https://” or “http://”.')

/** The address of a picture that is chosen in the studio: on the shop's own server, or on one that is safe. */
export const chosenPictureSchema = z
  .string()
  .max(2048)
  .regex(/^(\/(?!\/)[\w.~%/-]+|https:\/\/[^\s"'<>]+)$/, 'This is not the address of a picture.')
