/** What people read here, to be translated in one place. */
export const lookPartsWords = {
  colourField: {
    aColourSuchAs: 'A colour such as #a4552d.',
    typed: (label: string | number) => `${label}, typed`,
    none: (label: string | number) => `${label}: none`,
    none2: 'none',
  },
  lookFields: {
    as: (upperFirst: string | number, from: string | number) => `${upperFirst}: as ${from}`,
    asWithFrom: (from: string | number) => `As ${from}`,
    inPixels: (upperFirst: string | number) => `${upperFirst} in pixels`,
    px: 'px',
    colours: 'Colours',
    lines: 'Lines',
    aroundTheSection: 'around the section',
    aroundCards: 'around cards',
    room: 'Room',
    buttons: 'Buttons',
    badge: 'Badge',
  },
  lookPart: {
    look: 'Look',
    aWord: 'a word',
    words: 'words',
    withOfItsOwnOn: (words: string | number, ownWords: string | number) => `With ${words} of its own on ${ownWords}.`,
    foldAway: 'Fold away',
    changeItHere: 'Change it here',
    allAs: (presetName: string | number) => `All as ${presetName}`,
    makeALookOfIt: 'Make a look of it',
    changeEverywhere: (presetName: string | number) => `Change ${presetName} everywhere`,
    theShopsOwn: 'the shop’s own',
    changed: (presetName: string | number) => `${presetName}, changed`,
  },
  lookProblems: {
    contrast: 'Contrast',
    use: (colour: string | number) => `Use ${colour}`,
  },
}
