import type { Migration } from './migration'

const isCompact = (section: string, path: string) => `json_extract(${section}, '${path}.layout') IN ('list', 'checklist', 'spotlight')`
/** A section with its look and what is beside its heading. Compact layouts had a frame and a smaller heading of themselves. */
const withLook = (section: string, path: string) => `json_set(${section},
  '${path}.look', CASE WHEN ${isCompact(section, path)} THEN json('{"preset":"framed","own":{}}')
    ELSE json('{"preset":"plain","own":{}}') END,
  '${path}.display.heading.icon', json('null'),
  '${path}.display.heading.size', CASE WHEN NOT ${isCompact(section, path)} THEN json_extract(${section}, '${path}.display.heading.size')
    WHEN json_extract(${section}, '${path}.display.heading.size') = 'large' THEN 'medium' ELSE 'small' END)`

/** Looks that sections share; and each section's own, also in what the journal, releases and planned publishings keep. */
export const looks: Migration = {
  name: '0013-looks',
  statements: [
    `CREATE TABLE looks (key TEXT PRIMARY KEY, live JSON, draft JSON) WITHOUT ROWID`,
    `ALTER TABLE releases ADD COLUMN looks JSON`,
    `ALTER TABLE schedules ADD COLUMN looks JSON NOT NULL DEFAULT '{}'`,
    ...['live', 'draft'].map(column => `UPDATE sections SET ${column} = ${withLook(column, '$')} WHERE ${column} IS NOT NULL`),
    ...['before', 'after'].flatMap(column =>
      ['live', 'draft'].map(
        version =>
          `UPDATE journal_changes SET ${column} = ${withLook(column, `$.${version}`)}
            WHERE "of" = 'section' AND json_type(${column}, '$.${version}') = 'object'`,
      ),
    ),
    `UPDATE releases SET sections = (SELECT json_group_array(${withLook('value', '$')}) FROM json_each(releases.sections))`,
    `UPDATE schedules SET sections = (SELECT json_group_object(key, CASE type WHEN 'object' THEN ${withLook('value', '$')}
      ELSE json('null') END) FROM json_each(schedules.sections))`,
  ],
}
