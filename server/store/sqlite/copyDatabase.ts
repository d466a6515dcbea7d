import { mkdir, rename, rm } from 'node:fs/promises'
import { dirname } from 'node:path'
import type { Sequelize } from 'sequelize'

/** Copies a database (SQLite, VACUUM INTO: as it is at one moment, whoever reads or writes). Complete or not there. */
export async function copyDatabase(sequelize: Sequelize, target: string): Promise<void> {
  const unfinished = `${target}.unfinished`
  await mkdir(dirname(target), { recursive: true })
  await rm(unfinished, { force: true })
  await sequelize.query('VACUUM INTO $unfinished', { bind: { unfinished } })
  await rename(unfinished, target)
}
