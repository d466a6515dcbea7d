import { dirname, join } from 'node:path'
import type { Sequelize } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import { UnusableDataError } from '../port'
import { copyDatabase } from './copyDatabase'
import { migrations } from './migrations'

/**
 * Brings a database's structure up to date. A migration and its record are one transaction: whatever happens on the way, it is carried out
 * once, and the next start goes on.
 * @param file the database's own; copies of it stand in `backups/` beside it
 * @throws UnusableDataError when a newer version of Manada has written it
 */
export async function migrate(sequelize: Sequelize, file: string): Promise<void> {
  const storage = new SequelizeStorage({ sequelize })
  const done = await executed(storage, sequelize)
  const known = new Set(migrations.map(each => each.name))
  const unknown = done.filter(name => !known.has(name))
  if (unknown.length)
    throw new UnusableDataError(
      `The shop in ${dirname(file)} was last opened by a newer version of Manada (it has ${unknown.join(', ')}). Start that version, or ` +
        'put back a copy from before the upgrade: there is one in the folder “backups”. Nothing was changed.',
    )
  if (done.length && done.length < migrations.length) await copyBefore(sequelize, file, done.at(-1)!)
  await new Umzug({
    migrations: migrations.map(({ name, statements }) => ({
      name,
      up: () =>
        sequelize.transaction(async transaction => {
          for (const statement of statements) await sequelize.query(statement, { transaction })
          await sequelize.query('INSERT INTO SequelizeMeta (name) VALUES ($name)', { bind: { name }, transaction })
        }),
    })),
    storage: {
      logMigration: () => Promise.resolve(),
      unlogMigration: params => storage.unlogMigration(params),
      executed: () => storage.executed(),
    },
    logger: undefined,
  }).up()
}

/** Names of the migrations that were carried out, in their order; makes the table for them when there is none yet. */
async function executed(storage: SequelizeStorage, sequelize: Sequelize): Promise<string[]> {
  await sequelize.query('CREATE TABLE IF NOT EXISTS SequelizeMeta (name VARCHAR(255) NOT NULL UNIQUE PRIMARY KEY)')
  return (await storage.executed()).sort()
}

/** @param version the last migration that it has */
const copyBefore = (sequelize: Sequelize, file: string, version: string) =>
  copyDatabase(sequelize, join(dirname(file), 'backups', `before-upgrade-from-${version}.sqlite`))
