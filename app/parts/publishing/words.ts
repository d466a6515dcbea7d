/** What people read here, to be translated in one place. */
export const publishingWords = {
  draftHead: {
    changed: 'changed',
    draft: 'draft',
    publish: 'Publish',
    whatShoppersDontHaveYet: 'What shoppers don’t have yet',
    shoppersHaveAllOfIt: 'Shoppers have all of it',
    takeItFromShoppers: 'Take it from shoppers, keep it as a draft',
    toBeRemoved: 'to be removed',
    live: 'live',
  },
  draftLeaving: {
    thisIsToBeRemoved: (sort: string | number) => `This ${sort} is to be removed with the next publishing. Shoppers still have it.`,
    keepIt: 'Keep it',
  },
}
