import type { Migration } from './migration'

/** Sections and page plans, as shoppers get them and as drafts. */
export const sections: Migration = {
  name: '0007-sections',
  statements: [
    `CREATE TABLE sections (key TEXT PRIMARY KEY, live JSON, draft JSON) WITHOUT ROWID`,
    `CREATE TABLE plans (key TEXT PRIMARY KEY, live JSON, draft JSON) WITHOUT ROWID`,
  ],
}
