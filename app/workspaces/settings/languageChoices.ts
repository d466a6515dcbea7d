/** Every language with a two-letter code (ISO 639-1, as the browser knows them) to choose from, by its name. */
export const languageChoices = (() => {
  const names = new Intl.DisplayNames('en', { type: 'language', fallback: 'none' })
  const letters = [...'abcdefghijklmnopqrstuvwxyz']
  return letters
    .flatMap(first => letters.map(second => first + second))
    .flatMap(value => {
      const [canonical] = Intl.getCanonicalLocales(value)
      const name = canonical === value ? names.of(value) : undefined
      return name === undefined ? [] : [{ value, title: `${name} (${value})` }]
    })
    .toSorted((a, b) => a.title.localeCompare(b.title, 'en'))
})()
