import type { Migration } from './migration'

/** Categories that were chosen as related to one. */
export const relatedCategories: Migration = {
  name: '0014-related-categories',
  statements: [
    `CREATE TABLE related_categories (
       categoryId INTEGER NOT NULL REFERENCES categories (id) ON DELETE CASCADE, place INTEGER NOT NULL,
         targetId INTEGER NOT NULL REFERENCES categories (id) ON DELETE CASCADE,
       PRIMARY KEY (categoryId, place)) WITHOUT ROWID`,
    `CREATE INDEX related_categories_by_target ON related_categories (targetId)`,
  ],
}
