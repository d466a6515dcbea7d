/** What people read here, to be translated in one place. */
export const placesWords = {
  blockPlaces: {
    offHere: 'off here',
    switchOn: 'Switch on',
    switchOff: 'Switch off',
    takeItOffThe: (planName: string | number) => `Take it off the ${planName}`,
    itStandsOnNoPage: 'It stands on no page yet, so no shopper sees it.',
    putItOnAPage: 'Put it on a page',
    withAllOtherOffers: 'with all other offers',
    ownPlace: 'Own place',
    giveItItsOwnPlace: 'Gives it a place of its own there, apart from all other offers',
  },
}
