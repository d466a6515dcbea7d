// npm run backup -- FILE: copies the shop into a file, with its pictures beside it, also while the server runs.
import { resolve } from 'node:path'
import { dataFolder } from '../server/running/dataFolder'
import { backUp } from '../server/store/sqlite/backups'
import { UnusableDataError } from '../server/store/port'

const [target] = process.argv.slice(2)
try {
  if (!target) throw new UnusableDataError('Say where to: npm run backup -- FILE')
  const { products, entries } = await backUp(dataFolder(), resolve(target))
  console.log(
    `Copied the shop in ${dataFolder()} to ${resolve(target)}: ${products} products, ${entries} entries of the history. It is whole.`,
  )
} catch (error) {
  if (!(error instanceof UnusableDataError)) throw error
  console.error(error.message)
  process.exitCode = 1
}
