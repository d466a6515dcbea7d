/** The words of a text, without case and accents, to be looked for. */
export const foldedWords = (text: string): string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu) ?? []

/** Whether a text has all of the words, or words that begin with them. */
export function hasWords(text: string, words: readonly string[]): boolean {
  const said = foldedWords(text)
  return words.every(word => said.some(each => each.startsWith(word)))
}
