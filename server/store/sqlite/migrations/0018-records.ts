import type { Migration } from './migration'

/** One table for all sorts of things that need none of their own. */
export const records: Migration = {
  name: '0018-records',
  statements: [
    `CREATE TABLE records ("of" TEXT NOT NULL, source TEXT NOT NULL, kind TEXT NOT NULL, value JSON NOT NULL,
      PRIMARY KEY ("of", source, kind)) WITHOUT ROWID`,
  ],
}
