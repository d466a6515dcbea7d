import type { Migration } from './migration'

/** Kinds of links can be retired, and what did not exist before a change, or does not after it, is NULL in the journal. */
export const retiredKinds: Migration = {
  name: '0004-retired-kinds',
  statements: [
    `ALTER TABLE link_kinds ADD COLUMN retired INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE journal_changes RENAME TO old_changes`,
    `CREATE TABLE journal_changes (
      entryId INTEGER NOT NULL REFERENCES journal (id) ON DELETE CASCADE, part INTEGER NOT NULL,
      "of" TEXT NOT NULL, source TEXT NOT NULL, kind TEXT NOT NULL, before JSON, after JSON, PRIMARY KEY (entryId, part)
    ) WITHOUT ROWID`,
    `INSERT INTO journal_changes (entryId, part, "of", source, kind, before, after)
      SELECT entryId, part, "of", source, kind, before, after FROM old_changes`,
    `DROP TABLE old_changes`,
    `CREATE INDEX journal_changes_of_thing ON journal_changes (source, kind, "of", entryId)`,
  ],
}
