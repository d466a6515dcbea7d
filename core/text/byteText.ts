const encoder = new TextEncoder()
/** Characters that are made into a text at once: all of them are arguments of one call. */
const inPiece = 8192

/**
 * A text's UTF-8 bytes, as a text of a character for each (0 to 255). What is put together of such texts can be sent as it is,
 * where another text would have to be encoded each time.
 */
export function byteText(text: string): string {
  // eslint-disable-next-line no-control-regex -- all of ASCII
  if (/^[\x00-\x7f]*$/.test(text)) return text
  const bytes = encoder.encode(text)
  const pieces: string[] = []
  for (let from = 0; from < bytes.length; from += inPiece) pieces.push(String.fromCharCode(...bytes.subarray(from, from + inPiece)))
  return pieces.join('')
}

/** The bytes of something's JSON. */
export const jsonBytes = (value: unknown) => byteText(JSON.stringify(value))
