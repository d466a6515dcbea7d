/** What people read here, to be translated in one place. */
export const settingsWords = {
  settingsWorkspace: {
    title: 'Settings',
    theShop: 'The shop',
    products: 'Its products, and what shoppers are told',
    lead: 'What holds for the shop as a whole. What you change is so at once, is in the history, and can be undone.',
  },
  namePart: {
    name: 'Name',
    hint: 'What the shop is called: in the stand-in shop, and wherever Manada names it.',
    shopName: 'Name of the shop',
  },
  currencyPart: {
    currency: 'Currency',
    hint: 'What prices are in. It can be changed as long as there are no prices.',
    shopCurrency: 'Currency of the shop',
  },
  languagesPart: {
    languages: 'Languages',
    hint:
      'Names in files are in the shop’s own language; in others they have a column such as name@de. ' +
      'Words for shoppers are asked for in each.',
    own: 'Own language',
    others: 'Also in',
    none: 'in no other',
  },
  timeZonePart: {
    timeZone: 'Time zone',
    whereTheShopsDaysBegin: (time: string | number) =>
      `Where the shop’s days begin and end: “until 24 December” ends there at midnight. There it is ${time} now.`,
    theShopsTimeZone: 'The shop’s time zone',
    takeMine: (zone: string) => `Take that of this computer: ${zone}`,
  },
  addressPart: {
    address: 'Address of products',
    hint: 'Where a product’s page stands in your shop, with {sku} for its SKU. Products in sections lead there.',
    pattern: 'Address of products, with {sku}',
    becomes: (address: string) => `For the SKU HT-10: ${address}.`,
    standIn: 'This is the stand-in shop that comes with Manada.',
  },
  stockPart: {
    stock: 'Stock in files',
    hint: 'What an empty stock cell says, or a new product without such a column.',
    untracked: 'not tracked, always there',
    none: 'nothing in stock',
    meaning: 'An empty cell means',
  },
  fewPart: {
    fewLeft: 'Only a few left',
    hint: 'Shoppers are never told how many there are. Of so many or fewer they are told that only a few are left; with 0, not even that.',
    soMany: 'A few are at most',
    aWholeNumber: 'A whole number from 0 to 99.',
  },
  welcomePart: {
    welcome: 'Welcome',
    hint: 'What the stand-in shop says below its name. Left empty, it says nothing.',
    nothing: 'nothing',
  },
  startWorkspace: {
    title: 'Start',
    heading: 'Begin with your products',
    lead: 'Manada has nothing in it yet. Bring a file of products, say a few things about your shop, and look at your first page.',
    headingAfter: 'Your products are in',
    leadAfter: (count: string) => `${count} in the shop. Say what is missing about it on the right, then look at your first page.`,
    sample: 'No file at hand? Take a sample of 12 products, open it to see how a file is written, and bring it in.',
    takeSample: 'sample-products.csv',
    needs: 'The first line names the columns: sku and name are enough to begin with; category, brand, price and stock make sections full.',
    about: 'About your shop',
    aboutLead: 'Each can be changed later under Settings.',
    lookAtAPage: 'Look at your first page',
    allProducts: 'To all products',
    steps: 'First steps',
    step: { file: 'Products', about: 'Your shop', look: 'A first page' },
  },
}
