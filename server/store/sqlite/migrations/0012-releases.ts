import type { Migration } from './migration'

/** Every state that shoppers have had of sections and page plans, and what is to go live at a set time. */
export const releases: Migration = {
  name: '0012-releases',
  statements: [
    `CREATE TABLE releases (number INTEGER PRIMARY KEY, at TEXT NOT NULL, note TEXT NOT NULL, words TEXT NOT NULL,
      sections JSON NOT NULL, plans JSON NOT NULL)`,
    `CREATE TABLE schedules (key TEXT PRIMARY KEY, at TEXT NOT NULL, note TEXT NOT NULL,
      sections JSON NOT NULL, plans JSON NOT NULL) WITHOUT ROWID`,
  ],
}
