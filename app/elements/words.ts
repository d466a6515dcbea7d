/** What people read here, to be translated in one place. */
export const elementsWords = {
  shownOnce: {
    copy: 'Copy',
    copied: 'Copied.',
    close: 'Close',
  },
  askDialog: {
    leaveIt: 'Leave it',
  },
  editorHead: {
    moreOfThis: (sort: string | number) => `More of this ${sort}`,
  },
  quantityField: {
    fromTo: (min: number, max: number) => `A whole number from ${min} to ${max}.`,
  },
  rangeFields: {
    from: 'From',
    fromWord: 'from',
    aNumber: 'A number such as 12.5.',
    to: 'to',
    toTitle: 'To',
  },
  savedText: {
    savedMeanwhile: (words: string) => (words ? `A colleague saved “${words}” meanwhile.` : 'A colleague emptied it meanwhile.'),
    takeThat: 'Take that',
    keepMine: 'Keep mine',
  },
  renameDialog: {
    rename: 'Rename',
    name: 'Name',
  },
  labelSplitters: {
    widthOfThePanes: 'Width of the panes',
  },
  settingPart: {
    admins: 'Admins can change it.',
  },
}
