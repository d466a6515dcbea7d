/** What people read here, to be translated in one place. */
export const historyWords = {
  historyPane: {
    undone: 'undone',
    history: 'History',
    historyOf: 'History of',
    theseProducts: 'These products',
    thisProduct: 'This product',
    wholeShop: 'Whole shop',
    tryAgain: 'Try again',
    chooseAProductToSee: 'Choose a product to see what was changed on it.',
    nothingHasBeenChangedHere: 'Nothing has been changed here yet.',
    changes: 'Changes',
    takeBack: (entryWords: string | number) => `Take back: ${entryWords}`,
    takeBack2: 'Take back',
    showOlder: 'Show older',
    byYou: 'by you',
    by: (name: string) => `by ${name}`,
    bySomeoneElse: 'by someone else',
    lanes: (lanes: string | number) => `${lanes} lanes`,
    today: 'Today',
  },
}
