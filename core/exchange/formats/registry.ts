import { csvFormat } from './csv/csvFormat'
import type { FileFormat } from './fileFormat'

/** All formats of files, the usual one first. */
export const fileFormats = { csv: csvFormat } satisfies Record<string, FileFormat>
export type FileFormatKey = keyof typeof fileFormats
export const fileFormatKeys = Object.keys(fileFormats) as [FileFormatKey, ...FileFormatKey[]]

export const fileFormatOf = (key: FileFormatKey): FileFormat => fileFormats[key]

/** The format of a content type with or without parameters (RFC 9110, section 8.3); undefined: Manada doesn’t read it. */
export function formatOfType(contentType: string): FileFormatKey | undefined {
  const mediaType = contentType.split(';')[0]!.trim().toLowerCase()
  return fileFormatKeys.find(key => fileFormats[key].mediaType === mediaType)
}
