import type { Migration } from './migration'

/** A list of the bundles that a product is in, as pages had it before it was a section. */
const bundlesWithIt = {
  key: 'bundles-with-it',
  heading: { en: 'Also in these sets', de: 'Auch in diesen Sets' },
  otherHeadings: { one: {}, without: {} },
  layout: 'list',
  display: {
    devices: {
      desktop: { columns: 1, rows: null },
      tablet: { columns: 1, rows: null },
      phone: { columns: 1, rows: null },
    },
    peek: true,
    turn: 'arrows',
    picture: 'landscape',
    card: ['price', 'was'],
    reduction: 'percent',
    heading: { size: 'small', align: 'start', icon: null },
    fold: 'no',
    seeAll: 'no',
  },
  look: { preset: 'framed', own: {} },
  buttons: { add: {}, choose: {} },
  steps: [{ from: 'bundles', order: 'best-selling', subjects: 'page', cap: null, off: false }],
  takeTurns: false,
  guards: ['inCart', 'self', 'notForSale', 'outOfStock', 'shownEarlier'],
  priceBand: null,
  leaveOut: { categories: [], tags: [], brands: [], products: [] },
  lowestMargin: null,
  places: 3,
  minimum: 1,
  off: false,
  from: null,
  until: null,
}

const version = (column: string) =>
  // Its zones tell which form a plan has: without any, it could be of either.
  `UPDATE plans SET ${column} = json_set(${column}, '$.zones', json('[{"key":"none","sections":[]}]'))
   WHERE json_array_length(${column}, '$.zones') = 0`

/** Offers, and the list of bundles with a product, stand on page plans: shops that are older go on having both where they were. */
export const offerBlocks: Migration = {
  name: '0024-offer-blocks',
  statements: [
    `INSERT OR IGNORE INTO sections (key, live, draft)
     SELECT '${bundlesWithIt.key}', section, section FROM (SELECT '${JSON.stringify(bundlesWithIt)}' AS section)
     WHERE EXISTS (SELECT 1 FROM plans)`,
    version('live'),
    version('draft'),
  ],
}
