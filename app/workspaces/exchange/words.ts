/** What people read here, to be translated in one place. */
export const exchangeWords = {
  exchangeWorkspace: {
    exchange: 'Exchange',
  },
  exportPane: {
    export: 'Export',
    takeAFileOut: 'Take a file out',
    whatYouTakeOutChange: 'What you take out, change in a spreadsheet and bring in again changes only what you changed.',
    tryAgain: 'Try again',
    howFilesAreRead: 'How files are read',
    csvInUtf8Commas:
      'CSV in UTF-8; commas or semicolons. The first line names the columns, in any order. A column that is missing leaves ' +
      'things as they are; an empty cell empties them. What an empty stock cell says is under Settings.',
    severalValuesInACell: 'Several values in a cell are separated by',
    attributesAndOptionsAre: '; attributes and options are',
    nameValue: 'name=value',
    aCategoryIsAPath: '; a category is a path such as',
    hivesFrames: 'Hives > Frames',
    place: 'place',
    countsFrom1InThe:
      'counts from 1 in the finished lane; 10, 20, 30 are an order too. Left empty, a new link goes to the end. ' +
      'Links that a file does not name stay.',
    aVariantNamesItsProduct: 'A variant’s row may repeat what its product is, and names it under',
    variantof: 'variantOf',
    aNameInAnotherLanguage: '. A name in another language is a column such as',
    nameDe: 'name@de',
    programsCanDoTheSame: 'Programs can do the same:',
    postApiExchangeImportKind: 'POST /api/exchange/import?kind=links&dry=1',
    and: 'and',
    getApiExchangeExportKind: 'GET /api/exchange/export?kind=links',
    theSetUpIsAt: '; the set-up is at',
    apiExchangeSetUp: '/api/exchange/set-up',
    itsSchemaAt: ', its schema at',
    apiExchangeSetUpSchema: '/api/exchange/set-up.schema.json',
  },
  setUpPart: {
    setUp: 'Set-up',
    kindsOfLinksSectionsWith:
      'Kinds of links, sections with their rules, offers, page plans, looks: to keep under version control, or to carry to another shop.',
    setUpJson: 'set-up.json',
    readOne: 'Read one',
    setUpFile: 'Set-up file',
    wouldChangeAndLeaveAs: (changeCount: string | number, unchanged: string | number) =>
      `would change ${changeCount}, and leave ${unchanged} as they are:`,
    changesNothingAllAreSo: (unchanged: string | number) => `changes nothing: all ${unchanged} are so already.`,
    showSectionsPlansAndLooks: 'Show sections, offers, plans and looks to shoppers at once; otherwise they become drafts',
    leaveIt: 'Leave it',
    takeIt: 'Take it',
    isNotJsonChooseA: (fileName: string | number) => `${fileName} is not JSON. Choose a set-up that Manada wrote.`,
    importedTheSetUpOf: (name: string | number) => `Imported the set-up of ${name}.`,
  },
}
