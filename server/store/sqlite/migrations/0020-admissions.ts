import type { Migration } from './migration'

/** Who may come in: people, their sessions, invitations, tokens. Releases say who made them. */
export const admissions: Migration = {
  name: '0020-admissions',
  statements: [
    `CREATE TABLE admissions (
      number INTEGER PRIMARY KEY AUTOINCREMENT, sort TEXT NOT NULL, id TEXT NOT NULL, value JSON NOT NULL, UNIQUE (sort, id)
    )`,
    "ALTER TABLE releases ADD COLUMN editor TEXT NOT NULL DEFAULT ''",
  ],
}
