import type { Migration } from './migration'

/** Links carry dates and a note; what a journal entry changed stands in rows of its own, to be found by product. */
export const linkDetails: Migration = {
  name: '0002-link-details',
  statements: [
    `ALTER TABLE links ADD COLUMN activeFrom TEXT`,
    `ALTER TABLE links ADD COLUMN activeUntil TEXT`,
    `ALTER TABLE links ADD COLUMN note TEXT`,
    `CREATE TABLE journal_changes (
      entryId INTEGER NOT NULL REFERENCES journal (id) ON DELETE CASCADE, part INTEGER NOT NULL,
      source TEXT NOT NULL, kind TEXT NOT NULL, before JSON NOT NULL, after JSON NOT NULL, PRIMARY KEY (entryId, part)
    ) WITHOUT ROWID`,
    `CREATE INDEX journal_changes_of_lane ON journal_changes (source, kind, entryId)`,
    `INSERT INTO journal_changes (entryId, part, source, kind, before, after)
      SELECT journal.id, change.key, change.value ->> 'source', change.value ->> 'kind', change.value -> 'before', change.value -> 'after'
      FROM journal, json_each(journal.changes) AS change`,
    `ALTER TABLE journal DROP COLUMN changes`,
  ],
}
