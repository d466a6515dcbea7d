/** What people read here, to be translated in one place. */
export const scopesWords = {
  scopeChips: {
    notFor: (words: string | number) => `Not for ${words}`,
    or: 'or',
    category: 'Category',
    withThoseBelowIt: 'with those below it',
    tag: 'Tag',
    brand: 'Brand',
    price: 'Price',
    fromTo: 'from, to',
    products: 'Products',
    chosenOneByOne: 'chosen one by one',
  },
  scopeForm: {
    which: 'Which products or categories',
    anyOfTheseCategoriesAnd: 'Any of these categories, and those below them',
    anyOfTheseBrands: 'Any of these brands',
    anyOfTheseTags: 'Any of these tags',
    aPriceInThisRange: 'A price in this range, both ends included',
    done: 'Done',
  },
}
