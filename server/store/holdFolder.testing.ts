// Opens a shop and keeps it, until it is killed.
import { openStore } from './openStore'

await openStore(process.argv[2]!)
process.send!('open')
setInterval(() => undefined, 1000)
