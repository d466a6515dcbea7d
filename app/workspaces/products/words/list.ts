/** What people read here, to be translated in one place. */
export const listWords = {
  pagesPane: {
    categories: 'Categories',
    articles: 'Articles',
    name: 'Name',
    find: (many: string | number) => `Find ${many}`,
    showAll: 'Show all',
    tryAgain: 'Try again',
    noHasTheseWords: (page: string | number) => `No ${page} has these words.`,
    thereAreNoYet: (many: string | number) => `There are no ${many} yet.`,
    categoriesFound: 'Categories found',
    articlesFound: 'Articles found',
  },
  productRow: {
    takeOffTheBench: 'Take off the bench',
    addToTheBench: 'Add to the bench',
    bundle: 'bundle',
  },
  productsPane: {
    products: 'Products',
    nameSkuBrandTag: 'Name, SKU, brand, tag',
    findProducts: 'Find products',
    showAllProducts: 'Show all products',
    product: 'product',
    productsWord: 'products',
    looking: 'Looking…',
    tryAgain: 'Try again',
    noProductHasAllOf: 'No product has all of this.',
    thereAreNoProductsYet: 'There are no products yet.',
    bringThem: 'Bring a file of them',
    productsFound: 'Products found',
    theBenchTakesProductsAt: (most: string | number, total: string | number) =>
      `The bench takes ${most} products at once. These are the first of ${total}.`,
  },
}
