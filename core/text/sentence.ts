/** A piece of a sentence; one with a field can be changed where it stands. */
export interface Phrase {
  words: string
  /** Which field of the thing it says. */
  field?: string
}

/** What reads aloud as one sentence. */
export type Sentence = Phrase[]

export const plainWords = (sentence: Sentence) => sentence.map(phrase => phrase.words).join('')

/** “a, b and c” */
export const listed = (words: readonly string[], type: 'conjunction' | 'disjunction' = 'conjunction') =>
  new Intl.ListFormat('en', { type }).format(words)

/** “1 tag”, “2 tags” */
export const counted = (count: number, one: string, many = `${one}s`) => `${count.toLocaleString('en')} ${count === 1 ? one : many}`
