import type { Migration } from './migration'

/** Adds the members to an object of JSON, where there is one. */
const withScope = (column: string, path: string) => `${column} = json_set(${column}, '${path}.scope', null, '${path}.rank', 0)`

/** Which pages a plan is for, and which of equal plans wins; also in what the journal keeps of plans. Until now all were default plans. */
export const planScopes: Migration = {
  name: '0010-plan-scopes',
  statements: [
    ...['live', 'draft'].map(column => `UPDATE plans SET ${withScope(column, '$')} WHERE ${column} IS NOT NULL`),
    ...['before', 'after'].flatMap(column =>
      ['live', 'draft'].map(
        version =>
          `UPDATE journal_changes SET ${withScope(column, `$.${version}`)}
            WHERE "of" = 'plan' AND json_type(${column}, '$.${version}') = 'object'`,
      ),
    ),
  ],
}
