import type { Migration } from './migration'

/** Every write with a number of its own, sales too; the changes of those that are entries of the journal stand there. */
export const changeLog: Migration = {
  name: '0019-change-log',
  statements: [
    `CREATE TABLE change_log (
      number INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, type TEXT NOT NULL, words TEXT NOT NULL, editor TEXT NOT NULL,
      entry INTEGER REFERENCES journal (id), changes JSON
    )`,
  ],
}
