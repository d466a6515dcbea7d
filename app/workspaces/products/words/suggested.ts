/** What people read here, to be translated in one place. */
export const suggestedWords = {
  suggestedPane: {
    suggested: 'Suggested',
    suggestedAs: 'Suggested as',
    chooseAProductToSee: 'Choose a product to see what could be linked to it.',
    suggestionsAreMadeForOne: 'Suggestions are made for one product at a time.',
    suggestionsAreMadeForProducts: 'Suggestions are made for products.',
    tryAgain: 'Try again',
    lookingForSuggestions: 'Looking for suggestions',
    nothingMoreToSuggestHere: 'Nothing more to suggest here: no other product has enough in common with this one.',
    already: (name: string | number) => `already ${name}`,
    linkAs: (rowName: string | number, currentName: string | number) => `Link ${rowName} as ${currentName}`,
    link: 'Link',
    linkAsWithCurrentName: (currentName: string | number) => `Link as ${currentName}`,
    dismiss: (rowName: string | number) => `Dismiss ${rowName}`,
    dontSuggestItAgain: 'Don’t suggest it again',
    dismissed: (dismissedCount: string | number) => `${dismissedCount} dismissed`,
    dismissed2: 'Dismissed',
    bringBack: (rowName: string | number) => `Bring back ${rowName}`,
    bringBack2: 'Bring back',
    suggestedWithPlural: (plural: string | number) => `Suggested ${plural}`,
  },
}
