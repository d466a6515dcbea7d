import type { Migration } from './migration'

/** Bundles are drafted and published: their versions are made of their products when the shop is read next. */
export const bundleDrafts: Migration = {
  name: '0025-bundle-drafts',
  statements: [
    `CREATE TABLE bundles (key TEXT PRIMARY KEY, live JSON, draft JSON) WITHOUT ROWID`,
    `ALTER TABLE releases ADD COLUMN bundles JSON`,
    `ALTER TABLE schedules ADD COLUMN bundles JSON NOT NULL DEFAULT '{}'`,
  ],
}
