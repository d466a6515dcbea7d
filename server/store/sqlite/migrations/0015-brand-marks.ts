import type { Migration } from './migration'

/** The pictures that brands are known by. */
export const brandMarks: Migration = {
  name: '0015-brand-marks',
  statements: [`CREATE TABLE brand_marks (brand TEXT PRIMARY KEY, image TEXT NOT NULL) WITHOUT ROWID`],
}
