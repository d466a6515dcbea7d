import type { Migration } from './migration'

/** Findings of the checks that were put aside, with the reason. */
export const putAside: Migration = {
  name: '0008-put-aside',
  statements: [
    `CREATE TABLE put_aside (source TEXT NOT NULL, finding TEXT NOT NULL, reason TEXT NOT NULL,
      PRIMARY KEY (source, finding)) WITHOUT ROWID`,
  ],
}
