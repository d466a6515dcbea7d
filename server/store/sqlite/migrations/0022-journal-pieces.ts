import type { Migration } from './migration'

/**
 * What an entry changed stands together, some hundred changes in a row, and need not stand one by one: a file of stock has a hundred
 * thousand. Beside it stands which entries changed a thing.
 */
export const journalPieces: Migration = {
  name: '0022-journal-pieces',
  statements: [
    `CREATE TABLE journal_pieces (
      entryId INTEGER NOT NULL REFERENCES journal (id), piece INTEGER NOT NULL, changed INTEGER NOT NULL, changes BLOB NOT NULL,
      PRIMARY KEY (entryId, piece)
    )`,
    `INSERT INTO journal_pieces (entryId, piece, changed, changes)
     SELECT entryId, part / 200, count(*), json_group_array(json_object('of', "of", 'owner', source, 'key', kind,
       'before', json(ifnull(before, 'null')), 'after', json(ifnull(after, 'null'))) ORDER BY part)
     FROM journal_changes GROUP BY entryId, part / 200`,
    `CREATE TABLE journal_things (
      owner TEXT NOT NULL, key TEXT NOT NULL, "of" TEXT NOT NULL, entryId INTEGER NOT NULL REFERENCES journal (id),
      PRIMARY KEY (owner, key, "of", entryId)
    ) WITHOUT ROWID`,
    `INSERT OR IGNORE INTO journal_things (owner, key, "of", entryId) SELECT source, kind, "of", entryId FROM journal_changes`,
    `CREATE INDEX journal_things_entry ON journal_things (entryId)`,
    `DROP TABLE journal_changes`,
    `ALTER TABLE journal ADD COLUMN changed INTEGER NOT NULL DEFAULT 0`,
    `UPDATE journal SET changed = (SELECT ifnull(sum(changed), 0) FROM journal_pieces WHERE entryId = journal.id)`,
    `ALTER TABLE journal ADD COLUMN thinned INTEGER NOT NULL DEFAULT 0`,
    `CREATE INDEX journal_kept ON journal (at) WHERE thinned = 0`,
    `ALTER TABLE change_log ADD COLUMN piece INTEGER`,
    `CREATE INDEX change_log_entry ON change_log (entry)`,
  ],
}
