import slugify from '@sindresorhus/slugify'

const longest = 40

/**
 * A key for something with this name: small letters and digits with single hyphens between the words, unlike all that are taken. Letters of
 * other alphabets become Latin ones where that can be said: “Füße” is fuesse.
 * @param fallback for a name that has no letter or digit that can be written so
 */
export function keyFor(name: string, taken: (key: string) => boolean, fallback: string): string {
  const plain = slugify(name, { decamelize: false, customReplacements: [['&', ' ']] }) || fallback
  for (let number = 1; ; number++) {
    const end = number > 1 ? `-${number}` : ''
    const key = plain.slice(0, longest - end.length).replace(/-$/, '') + end
    if (!taken(key)) return key
  }
}
