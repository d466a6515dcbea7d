import type { Transaction } from 'sequelize'
import type { ReleaseContent, ReleaseHead, Schedule } from '../../core/releases/release'
import type { Database } from './database'

/** Adds a release. The first one of all has what was live before it ahead of it, so that there is a way back. */
export async function addRelease(db: Database, head: Omit<ReleaseHead, 'number'>, content: ReleaseContent, before: ReleaseContent, transaction: Transaction): Promise<void> {
  const { releases } = db.models
  if (!await releases.count({ transaction })) {
    await releases.create({ at: head.at, note: '', words: 'As it was before the first publishing', ...before }, { transaction })
  }
  await releases.create({ ...head, ...content }, { transaction })
}

/** The newest first. */
export async function readReleases(db: Database, limit: number): Promise<ReleaseHead[]> {
  return db.select('SELECT number, at, note, words FROM releases ORDER BY number DESC LIMIT :limit', { limit })
}

export async function readRelease(db: Database, number: number, transaction?: Transaction): Promise<(ReleaseHead & ReleaseContent) | null> {
  const row = await db.models.releases.findByPk(number, { transaction })
  return row?.get({ plain: true }) ?? null
}

export async function readSchedules(db: Database): Promise<Map<string, Schedule>> {
  const rows = await db.models.schedules.findAll()
  return new Map(rows.map(row => [row.key, row.get({ plain: true })]))
}

/** Null takes it away. */
export async function writeSchedule(db: Database, key: string, schedule: Schedule | null, transaction: Transaction): Promise<void> {
  if (schedule) await db.models.schedules.upsert(schedule, { transaction })
  else await db.models.schedules.destroy({ where: { key }, transaction })
}
