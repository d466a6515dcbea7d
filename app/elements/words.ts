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
  rangeFields: {
    from: 'From',
    fromWord: 'from',
    to: 'to',
    toTitle: 'To',
  },
  renameDialog: {
    rename: 'Rename',
    name: 'Name',
  },
  labelSplitters: {
    widthOfThePanes: 'Width of the panes',
  },
}
