/** What people read here, to be translated in one place. */
export const namingWords = {
  internalName: {
    nameInTheStudio: 'Name in the studio',
    shoppersNeverReadIt: 'Shoppers never read it. Without one, it is called by its heading.',
  },
  tokenFields: {
    fillIn: 'fill in',
    fillInWith: (words: string | number) => `Fill in ${words}`,
  },
  olderWords: {
    wasWritten: (own: string, words: string) => `Written when the ${own} was “${words}”.`,
    stillFits: 'It still fits',
    stillFitsHint: 'Leave it as it is, and say nothing of it until the shop’s own words change again',
  },
  languageFields: {
    inLanguage: (label: string, language: string) => `${label}, ${language}`,
    missing: 'not said; shoppers read it as said in the shop’s own language',
  },
}
