import { counted } from '../../../../core/text/sentence'

/** What people read here, to be translated in one place. */
export const tryOutWords = {
  fillChart: {
    pagesByHowManyProducts: (spoken: string | number) => `Pages by how many products are shown. ${spoken}`,
    live: 'live',
    shown: (label: string | number) => `${label} shown`,
    shownWithPages: (count: string | number, pages: string | number) => `${count} shown: ${pages}`,
  },
  fillMeter: {
    places: (count: number) => counted(count, 'place'),
    full: 'full',
    thin: 'thin',
    blank: 'blank',
    fillMeter: 'Fill meter',
    asIf: ', as if it stood there',
    countedForAShopperWith:
      'Counted for a shopper with an empty cart who looked at nothing yet: the steps that hang on these add nothing here.',
    tryAgain: 'Try again',
    counting: 'Counting',
    placesFilledOnThe: (pageTypeWords: string | number) => `Places filled on the ${pageTypeWords}`,
    ofFilled: (onlyPageCount: string | number, places: string | number) => `${onlyPageCount} of ${places} filled`,
    liveNow: (liveSummary: string | number) => `live now: ${liveSummary}`,
    unpicked: (pages: string) => `On ${pages} nothing was picked by hand: all of it is found by rules.`,
    theSectionIsMissingOn: 'The section is missing on these.',
    placesAreLeftOnThese: 'Places are left on these.',
    allPlacesAreFilledOn: 'All places are filled on these.',
  },
  fillPagesDialog: {
    products: (count: number) => counted(count, 'product'),
    andMore: (further: string | number) => `and ${further} more`,
    close: 'Close',
    theFirst: (maxTogether: string | number) => `the first ${maxTogether}`,
    openOnTheBench: (which: string | number) => `Open ${which} on the bench`,
  },
  tryOut: {
    tryIt: 'Try it',
    whatIsShown: 'What is shown',
    why: 'Why',
    page: 'Page',
    category: 'Category',
    article: 'Article',
    chooseAProduct: 'choose a product',
    tryItOnAnotherProduct: 'Try it on another product',
    whatItShowsHereHangs:
      'What it shows here hangs on the shopper alone: on their cart, or on what they looked at. So there is no telling how ' +
      'often it is full or blank.',
    notOnThisPage: 'Not on this page:',
    standsNowhere: 'It stands on no page yet. Shown as if it stood at the foot of this one.',
    standsOnOthers: (pages: string) => `Only on ${pages}. Shown as if it stood at the foot of this page.`,
    planHasItNot: (plan: string) =>
      `Only on pages whose plan has it. This one gets “${plan}”, which does not: shown as if it stood at its foot.`,
    elsewhere: 'Another page is open here now.',
    whereItStands: 'Where it stands',
    asIfItStood: 'As if it stood there',
    ofPlaces: (count: string | number, places: string | number) => `${count} of ${places} places`,
  },
  tryResult: {
    onlyThis: (name: string) => `only ${name}`,
    onlyThese: (count: number, names: string) => `only ${count}: ${names}`,
    ofPlaces: (countShown: string | number, places: string | number) => `${countShown} of ${places} places`,
    notOnThisPage: (hiddenWords: string | number) => `Not on this page: ${hiddenWords}`,
    whatWasHeldBack: 'What was held back',
    whatItLookedFor: 'What it looked for',
    andMore: (untold: string | number) => `and ${untold} more`,
    moreHadNoPlaceLeft: (withoutRoom: string | number) => `${withoutRoom} more had no place left`,
    only: (nameCount: string | number) => `only ${nameCount}:`,
    step: (i: string | number) => ` · step ${i}`,
    moreThan: 'more than ',
    stepWasPassedOver: (i: string | number, idleWords: string | number) => `Step ${i} was passed over: ${idleWords}.`,
    stepFoundNothing: (i: string | number) => `Step ${i} found nothing.`,
  },
}
