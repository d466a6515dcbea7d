/** What people read here, to be translated in one place. */
export const findWords = {
  findPane: {
    findTargetsToLink: 'Find targets to link',
    targetsFound: 'Targets found',
    findTargets: 'Find targets',
    firstChooseAProductThen: 'First choose a product; then find here what to link to it.',
    linkBothWays: 'Link both ways',
    mutualKindsAreLinkedBoth: 'Mutual kinds are linked both ways',
    linkMutualKindsBothWays: 'Link mutual kinds both ways',
    add: 'Add',
    sameCategory: 'same category',
    inStock: 'in stock',
    notLinkedYet: 'not linked yet',
    addToThe: (page: string | number) => `Add to the ${page}`,
    linkAs: (kindName: string | number) => `Link as ${kindName}`,
  },
}
