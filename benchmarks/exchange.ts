import { kinds } from './largeShop'
import { longestStall, publish, sell } from './stalls'

/** Seconds that importing links takes, tried and done, and undoing it; and that exporting all links takes. */
export async function measureExchange(server: string, skus: readonly string[], links: number) {
  const each = 10
  const rows = Array.from({ length: links }, (_, i) => {
    const source = Math.floor(i / each)
    // Never the source itself, and each target once in its lane.
    const kind = kinds[Math.floor(source / skus.length) % kinds.length]
    return `${skus[source % skus.length]},${kind},${skus[(source + 1 + (i % each) * 331) % skus.length]},,,,imported`
  })
  const file = `source,kind,target,place,from,until,note\n${rows.join('\n')}\n`
  const headers = { cookie: 'manada-editor=benchmark' }
  const seconds = async (path: string, options?: RequestInit) => {
    const start = performance.now()
    const answer = await fetch(`${server}${path}`, options)
    const text = await answer.text()
    if (!answer.ok) throw new Error(`${path} answers ${answer.status}: ${text.slice(0, 300)}`)
    return { took: (performance.now() - start) / 1000, text }
  }
  const send = (query: string) =>
    seconds(`/api/exchange/import?kind=links${query}`, { method: 'POST', body: file, headers: { ...headers, 'content-type': 'text/csv' } })
  const dry = await send('&dry=1')
  // Others publish and buy in the meantime.
  let done!: Awaited<ReturnType<typeof send>>
  const stall = await longestStall(server, async () => {
    const importing = send('').then(answer => (done = answer))
    await Promise.all([importing, publish(server, 5), sell(server)])
  })
  const { created, updated, unchanged, rejected } = JSON.parse(done.text) as Record<string, number>
  if (rejected || created! + updated! + unchanged! !== links)
    throw new Error(`The import took ${created}, ${updated}, ${unchanged} and rejected ${rejected}.`)
  const undone = await seconds('/api/undo', { method: 'POST', body: '{}', headers: { ...headers, 'content-type': 'application/json' } })
  const exported = await seconds('/api/exchange/export?kind=links')
  return { stall, dry: dry.took, done: done.took, undone: undone.took, exported: exported.took }
}
