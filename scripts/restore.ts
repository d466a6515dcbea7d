// npm run restore -- FILE: puts a copy in the place of the shop, while no server runs on it. What was there is kept.
import { resolve } from 'node:path'
import { dataFolder } from '../server/running/dataFolder'
import { restore } from '../server/store/sqlite/backups'
import { UnusableDataError } from '../server/store/port'

const [copy] = process.argv.slice(2)
try {
  if (!copy) throw new UnusableDataError('Say from where: npm run restore -- FILE')
  const { products, entries, kept } = await restore(dataFolder(), resolve(copy), new Date().toISOString())
  console.log(`The shop in ${dataFolder()} is that of ${resolve(copy)} now: ${products} products, ${entries} entries of the history.`)
  if (kept) console.log(`What was there is kept in ${kept}.`)
} catch (error) {
  if (!(error instanceof UnusableDataError)) throw error
  console.error(error.message)
  process.exitCode = 1
}
