import type { Migration } from './migration'

/** Targets that a merchandiser does not want suggested again. */
export const dismissed: Migration = {
  name: '0003-dismissed',
  statements: [
    `CREATE TABLE dismissed (
      sourceId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE, kind TEXT NOT NULL REFERENCES link_kinds (key),
      place INTEGER NOT NULL, targetId INTEGER NOT NULL REFERENCES products (id) ON DELETE CASCADE,
      PRIMARY KEY (sourceId, kind, place)
    ) WITHOUT ROWID`,
    `ALTER TABLE journal_changes ADD COLUMN "of" TEXT NOT NULL DEFAULT 'links'`,
  ],
}
