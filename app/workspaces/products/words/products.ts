/** What people read here, to be translated in one place. */
export const productsWords = {
  productsWorkspace: {
    whatHasLinks: 'What has links',
    besideTheBench: 'Beside the bench',
    findAndShopViewSide: 'Find and shop view side by side',
    backToTheList: 'Back to the list',
    products: (productCount: string | number) => `${productCount} products`,
    products2: 'Products',
    manada: (onBench: string | number) => `${onBench} · Manada`,
    find: 'Find',
    suggested: 'Suggested',
    whatCouldBeLinkedAnd: 'What could be linked, and why',
    shopView: 'Shop view',
    theProductsPageAsShoppers: 'The product’s page as shoppers see it',
    history: 'History',
    whatWasChangedAndBy: 'What was changed, and by whom',
    categories: 'Categories',
    articles: 'Articles',
    show: 'Show',
    done: 'Done',
  },
}
