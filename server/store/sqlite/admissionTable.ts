import type { Transaction } from 'sequelize'
import type { Admissions, AdmissionSort } from '../admissions'
import type { Database } from './database'

export async function readAdmissions<Sort extends AdmissionSort>(
  db: Database,
  sort: Sort,
  transaction?: Transaction,
): Promise<{ id: string; value: Admissions[Sort] }[]> {
  const rows = await db.select<{ id: string; value: string }>(
    'SELECT id, value FROM admissions WHERE sort = ? ORDER BY number',
    [sort],
    transaction,
  )
  return rows.map(({ id, value }) => ({ id, value: JSON.parse(value) as Admissions[Sort] }))
}

export async function putAdmission<Sort extends AdmissionSort>(
  db: Database,
  sort: Sort,
  id: string,
  value: Admissions[Sort] | null,
  transaction: Transaction,
): Promise<void> {
  if (value === null) return db.run('DELETE FROM admissions WHERE sort = $sort AND id = $id', { sort, id }, transaction)
  await db.run(
    'INSERT INTO admissions (sort, id, value) VALUES ($sort, $id, $value) ON CONFLICT (sort, id) DO UPDATE SET value = $value',
    { sort, id, value: JSON.stringify(value) },
    transaction,
  )
}
