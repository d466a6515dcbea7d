import type { Migration } from './migration'

/** Products that are offered together with others. */
export const offers: Migration = {
  name: '0017-offers',
  statements: [`CREATE TABLE offers (key TEXT PRIMARY KEY, offer JSON NOT NULL) WITHOUT ROWID`],
}
