import type { Migration } from './migration'

const none = `json('{"one":{},"without":{}}')`
/** Adds the member to an object of JSON, where there is one. */
const withHeadings = (column: string, path: string) => `${column} = json_set(${column}, '${path}.otherHeadings', ${none})`

/** Headings for a single product, and where a word of the heading has no value; also in what the journal keeps of sections. */
export const otherHeadings: Migration = {
  name: '0009-other-headings',
  statements: [
    ...['live', 'draft'].map(column => `UPDATE sections SET ${withHeadings(column, '$')} WHERE ${column} IS NOT NULL`),
    ...['before', 'after'].flatMap(column =>
      ['live', 'draft'].map(
        version =>
          `UPDATE journal_changes SET ${withHeadings(column, `$.${version}`)}
            WHERE "of" = 'section' AND json_type(${column}, '$.${version}') = 'object'`,
      ),
    ),
  ],
}
