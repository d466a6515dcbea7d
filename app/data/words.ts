/** What people read here, to be translated in one place. */
export const dataWords = {
  drafts: {
    plannedFor: (when: string) => `planned for ${when}`,
    changedSincePlannedFor: (when: string) => `planned for ${when}, changed since`,
  },
  messages: {
    nothingWasChanged: 'Nothing was changed.',
    somethingWentWrongInThe: 'Something went wrong in the studio. Reload the page; what was saved is safe.',
  },
  history: {
    undo: 'Undo',
  },
  studioShop: {
    noPrice: 'no price',
  },
}
