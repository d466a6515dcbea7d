import type { RecordName } from '../../../core/records/registry'
import type { RecordTable } from './recordTable'

/** The table of all records that need none of their own: a row a thing, its value as JSON. A thing that there is not, null, has no row. */
export const sharedTable = (of: RecordName): RecordTable<unknown> => ({
  async *read(db, transaction) {
    const rows = await db.select<{ source: string; kind: string; value: string }>(
      'SELECT source, kind, value FROM records WHERE "of" = ? ORDER BY source, kind',
      [of],
      transaction,
    )
    for (const { source, kind, value } of rows) yield { owner: source, key: kind, value: JSON.parse(value) }
  },
  async write(db, changes, transaction) {
    for (const { owner: source, key: kind, after } of changes) {
      if (after === null)
        await db.run('DELETE FROM records WHERE "of" = $of AND source = $source AND kind = $kind', { of, source, kind }, transaction)
      else {
        await db.run(
          `INSERT INTO records ("of", source, kind, value) VALUES ($of, $source, $kind, $value)
           ON CONFLICT ("of", source, kind) DO UPDATE SET value = $value`,
          { of, source, kind, value: JSON.stringify(after) },
          transaction,
        )
      }
    }
  },
})
