const token = /\{([^{}]*)\}/g

/** The names of the tokens in a text (`{name}`), also of those that stand for nothing. */
export const tokensOf = (words: string) => Array.from(words.matchAll(token), ([, name]) => name!)

/** A text with its tokens filled in. A token without a value leaves no gap, and a bracket that is none of a token's is not shown. */
export const filledIn = (words: string, valueOf: (name: string) => string) =>
  words
    .replace(/\{([^{}]*)\}|[{}]/g, (_, name?: string) => (name === undefined ? '' : valueOf(name)))
    .replace(/\s+/g, ' ')
    .trim()
