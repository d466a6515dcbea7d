import { counted } from '../../../../core/text/sentence'

/** What people read here, to be translated in one place. */
export const bundlesWords = {
  bundleEditor: {
    /** @param counts combinations of each group: one of each is chosen */
    groupsAndChoices: (counts: readonly number[]) => {
      const product = counts.reduce((all, each) => all * each, 1)
      const choices = product.toLocaleString('en')
      const words = counts.length > 1 ? `${counts.join(' × ')} = ${choices}` : choices
      return `${counted(counts.length, 'group')}, ${words} ${product === 1 ? 'choice' : 'choices'}`
    },
    bundle: 'Bundle',
    bundleWord: 'bundle',
    rename: 'Rename',
    linkItOnTheBench: 'Link it on the bench',
    openItsPageInThe: 'Open its page in the shop',
    duplicate: 'Duplicate',
    backToWhatIsLive: 'Back to what is live',
    retire: 'Retire: no longer sold',
    sellItAgain: 'Sell it again',
    shoppersCantBuyIt: 'It is retired: shoppers who come to its page are told that it is no longer sold.',
    itIsInNoCategory: 'It is in no category: no shopper finds it who does not search for it.',
    remove: 'Remove',
    whatKeepsItFromBeing: 'What keeps it from being sold',
    whatIsWorthALook: 'What is worth a look',
    renameTheBundle: 'Rename the bundle',
  },
  bundleFacts: {
    inTheShop: 'In the shop',
    itsOwnPicture: 'Its own picture',
    madeOfThePicturesOf: 'Made of the pictures of its parts',
    anotherPicture: 'Another picture',
    chooseAPicture: 'Choose a picture',
    makeOneOfTheParts: 'Make one of the parts',
    categories: 'Categories',
    name: 'Name',
    description: 'Description',
    descriptionIn: (language: string) => `Description, ${language}`,
    pictureOfTheBundle: 'Picture of the bundle',
  },
  bundleOrders: {
    orders: (count: number) => counted(count, 'order'),
    ordersWithIt: 'Orders with it',
    loadingTheOrders: 'Loading the orders',
    nobodyHasOrderedItYet: 'Nobody has ordered it yet. Orders of the stand-in shop appear here.',
    theLastOfThem: (orderCount: string | number) => `, the last ${orderCount} of them`,
  },
  bundlesOrOffers: {
    bundlesOrTogetherOffers: 'Bundles or together offers',
    bundles: 'Bundles',
    offers: 'Offers',
  },
  bundlesPane: {
    bundles: 'Bundles',
    addABundle: 'Add a bundle',
    findABundle: 'Find a bundle',
    thingsToLookAt: (count: number) => counted(count, 'thing to look at', 'things to look at'),
    from: 'from ',
    noBundleIsCalled: (words: string | number) => `No bundle is called “${words}”.`,
  },
  bundlesWorkspace: {
    thereIsNoBundle: (sku: string | number) => `There is no bundle ${sku}`,
    itMayHaveBeenRemoved: 'It may have been removed, or is a product of its own. Choose another in the list, or add one.',
    noBundlesYet: 'No bundles yet',
    aBundleIsSeveralProducts:
      'A bundle is several products sold as one line: always the same ones, with choices, or any so many out of a set. Add ' +
      'the first with + in the list.',
    besideTheBundle: 'Beside the bundle',
    bundles: 'Bundles',
    price: 'Price',
    shop: 'Shop',
    itsPageInTheShop: 'Its page, as it will be after publishing',
    whatItCostsAndEarns: 'What it costs and earns',
    findParts: 'Find parts',
    productsToPutIn: 'Products to put in',
    orders: 'Orders',
    whoBoughtItAndWith: 'Who bought it, and with which parts',
  },
  newBundleDialog: {
    newBundle: 'New bundle',
    whatIsInIt: 'What is in it',
    name: 'Name',
    sku: 'SKU',
    leaveIt: 'Leave it',
    addADraft: 'Add a draft',
    alwaysTheSame: 'Always the same',
    aSmokerAHiveTool: 'A smoker, a hive tool and two brushes',
    withChoices: 'With choices',
    aSuitInSizeAnd: 'A suit in size and colour, with gloves in a size',
    pickAny: 'Pick any',
    threeBagsOfSeedOut: 'Three bags of seed out of nine, the more the cheaper',
    anotherBundleHasThisSku: 'Another bundle has this SKU.',
  },
  offersWorkspace: {
    thereIsNoOffer: (key: string | number) => `There is no offer “${key}”`,
    itMayHaveBeenRemoved: 'It may have been removed. Choose another in the list, or add one.',
    noTogetherOffersYet: 'No together offers yet',
    offerProductsBesideAnotherOne:
      'Offer products beside another one, to be ticked and put into the cart with it; cheaper together, if you like. Add the ' +
      'first with + in the list.',
    offers: 'Offers',
  },
}
