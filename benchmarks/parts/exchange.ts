import { ask } from '../ask'
import type { Part } from '../part'
import { mb, ms, row, s } from '../part'
import { kinds } from '../largeShop'
import { longestStall, publish, sell } from '../stalls'

async function seconds(address: string, options?: RequestInit) {
  const start = performance.now()
  const answer = await ask(address, options)
  const text = await answer.text()
  if (!answer.ok) throw new Error(`${address} answers ${answer.status}: ${text.slice(0, 300)}`)
  return { took: (performance.now() - start) / 1000, text }
}

const sendFile = (server: string, query: string, body: string) =>
  seconds(`${server}/api/exchange/import?${query}`, { method: 'POST', body, headers: { 'content-type': 'text/csv' } })

const undo = (server: string) =>
  seconds(`${server}/api/undo`, { method: 'POST', body: '{}', headers: { 'content-type': 'application/json' } })

/** Throws unless so many rows were taken, and none rejected. */
function expectTaken({ text }: { text: string }, expected: number): void {
  const { created, updated, unchanged, rejected } = JSON.parse(text) as Record<string, number>
  if (rejected || created! + updated! + unchanged! !== expected)
    throw new Error(`The import took ${created}, ${updated}, ${unchanged} and rejected ${rejected}.`)
}

/** Seconds that importing links takes, tried and done, and undoing it; and that exporting all links takes. */
async function measureExchange(server: string, skus: readonly string[], links: number) {
  const each = 10
  const rows = Array.from({ length: links }, (_, i) => {
    const source = Math.floor(i / each)
    // Never the source itself, and each target once in its lane.
    const kind = kinds[Math.floor(source / skus.length) % kinds.length]
    return `${skus[source % skus.length]},${kind},${skus[(source + 1 + (i % each) * 331) % skus.length]},,,,imported`
  })
  const file = `source,kind,target,place,from,until,note\n${rows.join('\n')}\n`
  const send = (query: string) => sendFile(server, `kind=links${query}`, file)
  const dry = await send('&dry=1')
  // Others publish and buy in the meantime.
  let done!: Awaited<ReturnType<typeof send>>
  const stall = await longestStall(server, async () => {
    const importing = send('').then(answer => (done = answer))
    await Promise.all([importing, publish(server, 5), sell(server)])
  })
  expectTaken(done, links)
  const undone = await undo(server)
  const exported = await seconds(`${server}/api/exchange/export?kind=links`)
  return { stall, dry: dry.took, done: done.took, undone: undone.took, exported: exported.took }
}

/** Seconds that importing new products takes, and undoing it, and the longest stall meanwhile in milliseconds. */
async function measureNewProducts(server: string, count: number) {
  const rows = Array.from({ length: count }, (_, i) => `NEW-${i},New product ${i},${100 + (i % 900)}.50,5,active`)
  let done!: Awaited<ReturnType<typeof sendFile>>
  let undone!: Awaited<ReturnType<typeof undo>>
  const stall = await longestStall(server, async () => {
    done = await sendFile(server, 'kind=products', `sku,name,price,stock,status\n${rows.join('\n')}\n`)
    undone = await undo(server)
  })
  expectTaken(done, count)
  return { done: done.took, undone: undone.took, stall }
}

/** Files of links and of new products, in and out. */
export const exchange: Part = {
  name: 'exchange',
  async measure({ server: started, skus }) {
    const server = await started()
    const links = await measureExchange(server.address, skus, 100_000)
    const products = await measureNewProducts(server.address, 20_000)
    return [
      row('try a file of 100,000 links', s(links.dry)),
      row('import it', s(links.done), '≤ 20 s'),
      row('undo that', s(links.undone)),
      row('longest stall while it is imported, a section is published and a product sold', ms(links.stall), '≤ 50 ms'),
      row('export all 1,000,000 links', s(links.exported)),
      row('import 20,000 new products', s(products.done)),
      row('undo that again', s(products.undone)),
      row('longest stall of the event loop meanwhile', ms(products.stall), '≤ 50 ms'),
      row('memory of the server after importing, undoing and exporting', mb(server.memory()), '≤ 700 MB'),
    ]
  },
}
