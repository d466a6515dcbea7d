const collators = new Map<string, Intl.Collator>()

/**
 * Compares names as readers of a language expect them in a list (CLDR collation, through ECMA-402): accents and case don't matter, numbers
 * count as numbers.
 * Making a collator is most of the work, so each is made once.
 * @param language BCP 47 tag
 */
export function nameOrder(language: string): (a: string, b: string) => number {
  let collator = collators.get(language)
  if (!collator) collators.set(language, (collator = new Intl.Collator(language, { sensitivity: 'base', numeric: true })))
  return collator.compare
}
