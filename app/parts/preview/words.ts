/** What people read here, to be translated in one place. */
export const previewWords = {
  deviceChoice: {
    phone: 'Phone',
    tablet: 'Tablet',
    desktop: 'Desktop',
  },
  pagePreview: {
    besideWhatIsLive: 'Beside what is live',
    thePageAsItWill: 'The page as it will be',
    thePageAsItIs: 'The page as it is',
    asItIs: 'As it is',
    asItWillBe: 'As it will be',
    askForALook: 'Ask somebody for a look',
    aLinkTo: 'A link to this page as it will be',
    whoeverHasIt: (days: number) => `Whoever has it sees the shop with drafts for ${days} days, and nothing else of Manada.`,
  },
  pageKindMenu: {
    kindOfPage: (page: string) => `Kind of page: ${page}`,
    anotherKind: 'Try it on another kind of page',
    kinds: 'Kinds of pages',
  },
  shownVersion: {
    asWhat: 'As shoppers have it, or with which drafts',
    live: 'As it is',
    withTicked: (count: number) => `With ${count} ticked`,
    withAll: 'With all drafts',
  },
  whoAndWhen: {
    whoAndWhen: 'Who and when',
    whoLooks: 'Who looks, when, and with what in the cart',
    inTheCartLastAdded: 'In the cart, last added first',
    viewedBeforeLatestFirst: 'Viewed before, latest first',
    takeOut: (sku: string | number) => `Take ${sku} out`,
    add: 'Add',
    day: 'Day',
    visitorForWhatIsMixed: 'Visitor, for what is mixed',
    anyone: 'anyone',
    language: 'Language',
    cart: (cartCount: string | number) => `cart: ${cartCount}`,
    seen: (seenCount: string | number) => `seen: ${seenCount}`,
  },
}
