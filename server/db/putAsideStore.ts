import type { Transaction } from 'sequelize'
import { PutAside } from '../../core/checks/putAside'
import type { Database } from './database'

/** The findings of the checks that were put aside. */
export async function readPutAside(db: Database): Promise<PutAside> {
  const bySource = new Map<string, Map<string, string>>()
  for (const { source, finding, reason } of await db.models.putAside.findAll()) {
    bySource.set(source, (bySource.get(source) ?? new Map<string, string>()).set(finding, reason))
  }
  return new PutAside(bySource)
}

export async function writePutAside(db: Database, source: string, finding: string, reason: string | null, transaction: Transaction): Promise<void> {
  if (reason === null) await db.models.putAside.destroy({ where: { source, finding }, transaction })
  else await db.models.putAside.upsert({ source, finding, reason }, { transaction })
}
