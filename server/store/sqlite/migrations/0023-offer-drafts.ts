import type { Migration } from './migration'

/** Together offers are drafted and published: shoppers go on having those that were active. */
export const offerDrafts: Migration = {
  name: '0023-offer-drafts',
  statements: [
    `ALTER TABLE offers RENAME TO active_offers`,
    `CREATE TABLE offers (key TEXT PRIMARY KEY, live JSON, draft JSON) WITHOUT ROWID`,
    `INSERT INTO offers (key, live, draft)
     SELECT key, iif(json_extract(offer, '$.active'), json_remove(offer, '$.active'), NULL), json_remove(offer, '$.active')
     FROM active_offers`,
    `DROP TABLE active_offers`,
    `ALTER TABLE releases ADD COLUMN offers JSON`,
    `ALTER TABLE schedules ADD COLUMN offers JSON NOT NULL DEFAULT '{}'`,
  ],
}
