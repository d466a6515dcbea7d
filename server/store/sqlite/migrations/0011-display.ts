import type { Migration } from './migration'

const fit = (desktop: number, tablet: number, phone: number) =>
  JSON.stringify({
    desktop: { columns: desktop, rows: null },
    tablet: { columns: tablet, rows: null },
    phone: { columns: phone, rows: null },
  })
const display = (devices: string) =>
  `json('{"devices":${devices},"peek":true,"turn":"arrows","picture":"landscape",
    "card":["price","was","stock","button"],"reduction":"percent","heading":{"size":"medium","align":"start"},"fold":"no","seeAll":"no"}')`
/** Adds the members to an object of JSON, where there is one. */
const withDisplay = (column: string, path: string) => `${column} = json_set(${column},
  '${path}.display', CASE json_extract(${column}, '${path}.layout') 
    WHEN 'list' THEN ${display(fit(1, 1, 1))} WHEN 'shelf' THEN ${display(fit(4, 2, 2))} ELSE ${display(fit(4, 3, 2))} END,
  '${path}.buttons', json('{"add":{},"choose":{}}'))`

/** How sections look on each device, what their cards show and their buttons say; also in what the journal keeps of sections. */
export const displays: Migration = {
  name: '0011-display',
  statements: [
    ...['live', 'draft'].map(column => `UPDATE sections SET ${withDisplay(column, '$')} WHERE ${column} IS NOT NULL`),
    ...['before', 'after'].flatMap(column =>
      ['live', 'draft'].map(
        version =>
          `UPDATE journal_changes SET ${withDisplay(column, `$.${version}`)}
            WHERE "of" = 'section' AND json_type(${column}, '$.${version}') = 'object'`,
      ),
    ),
  ],
}
