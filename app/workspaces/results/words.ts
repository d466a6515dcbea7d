import { counted } from '../../../core/text/sentence'

/** What people read here, to be translated in one place. */
export const resultsWords = {
  resultsWorkspace: {
    results: 'Results',
    order: (number: string) => `Order ${number}`,
    thereIsNoOrder: (number: string) => `There is no order ${number}`,
    chooseAnother: 'Choose another in the list.',
    nobodyHasOrderedYet: 'Nobody has ordered yet',
    ordersAppearHere: 'Orders appear here as they are placed, with what was in them and where each line came from.',
  },
  ordersPane: {
    orders: 'Orders',
    findAnOrder: 'Find an order by its number or a SKU',
    numberOrSku: 'Number or SKU',
    from: 'Placed from',
    until: 'Placed until',
    which: 'Which orders',
    all: 'all',
    withABundle: 'with a bundle',
    withAnOffer: 'with an offer',
    takeThemOut: 'Take all orders out as a file (CSV)',
    found: (total: number) => counted(total, 'order'),
    showMore: (count: number) => `Show ${count.toLocaleString('en')} more`,
    noOrderIsSo: 'No order is like that. Take a word or a day away.',
    linesAndUnits: (lines: number, units: number) =>
      lines === units ? counted(lines, 'line') : `${counted(lines, 'line')}, ${counted(units, 'unit')}`,
    bundle: 'bundle',
    offer: 'offer',
  },
  orderView: {
    order: 'Order',
    orderNumber: (number: string) => `Order ${number}`,
    lines: 'Lines of the order',
    noLongerInTheShop: 'no longer in the shop',
    each: (price: string) => `${price} each`,
    cameFrom: 'from',
    section: (name: string) => `“${name}”`,
    offer: (name: string) => `the offer “${name}”`,
    less: (name: string, amount: string) => `${name}: ${amount} less`,
    saved: 'Saved',
    total: 'Total',
  },
}
