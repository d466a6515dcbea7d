const longest = 40

/**
 * A key for something with this name: small letters and digits with single hyphens between the words, unlike all that are taken.
 * @param fallback for a name that has no letter or digit of the basic Latin alphabet
 */
export function keyFor(name: string, taken: (key: string) => boolean, fallback: string): string {
  // Letters lose their accents: NFKD sets these apart (Unicode Standard Annex 15).
  const words = name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().match(/[a-z0-9]+/g) ?? [fallback]
  const plain = words.join('-')
  for (let number = 1; ; number++) {
    const end = number > 1 ? `-${number}` : ''
    const key = plain.slice(0, longest - end.length).replace(/-$/, '') + end
    if (!taken(key)) return key
  }
}
