import type { Transaction } from 'sequelize'
import type { ReleaseContent, ReleaseHead, Schedule } from '../../../core/releases/release'
import { upgradeRelease } from '../../../core/releases/upgradeRelease'
import type { Database } from './database'
import type { RecordTable } from './recordTable'

/** Adds a release. The first one of all has what was live before it ahead of it, so that there is a way back. */
export async function addRelease(
  db: Database,
  head: Omit<ReleaseHead, 'number'>,
  content: ReleaseContent,
  before: ReleaseContent,
  transaction: Transaction,
): Promise<void> {
  const { releases } = db.models
  if (!(await releases.count({ transaction }))) {
    await releases.create({ at: head.at, note: '', words: 'As it was before the first publishing', editor: '', ...before }, { transaction })
  }
  await releases.create({ ...head, ...content }, { transaction })
}

/** The newest first. */
export async function readReleases(db: Database, limit: number, transaction?: Transaction): Promise<ReleaseHead[]> {
  return db.select('SELECT number, at, note, words, editor FROM releases ORDER BY number DESC LIMIT :limit', { limit }, transaction)
}

export async function readRelease(db: Database, number: number, transaction?: Transaction): Promise<(ReleaseHead & ReleaseContent) | null> {
  const row = await db.models.releases.findByPk(number, { transaction })
  if (!row) return null
  const release = row.get({ plain: true })
  return { ...release, ...upgradeRelease(release) }
}

export const scheduleTable: RecordTable<Schedule | null> = {
  async *read(db, transaction) {
    for (const row of await db.models.schedules.findAll({ transaction })) yield { owner: '', key: row.key, value: row.get({ plain: true }) }
  },
  async write(db, changes, transaction) {
    for (const { key: key, after } of changes) {
      if (after) await db.models.schedules.upsert(after, { transaction })
      else await db.models.schedules.destroy({ where: { key }, transaction })
    }
  },
}
