import type { Command } from '../core/commands/command'
import { linkStep } from '../core/sections/fillStep'

const headers = { 'cookie': 'manada-editor=benchmark', 'content-type': 'application/json' }

/** Milliseconds that the fill meter of a section takes: at first, with a rule in the draft, and after one edit. */
export async function measureFill(server: string, sku: string) {
  const send = async (command: Command) => {
    const answer = await fetch(`${server}/api/commands`, { method: 'POST', headers, body: JSON.stringify(command) })
    if (!answer.ok) throw new Error(await answer.text())
  }
  const settled = async (since: number) => {
    for (;;) {
      const { settled } = await (await fetch(`${server}/api/sections/fill?section=accessories`)).json() as { settled: boolean }
      if (settled) return performance.now() - since
      await new Promise(resolve => setTimeout(resolve, 10))
    }
  }
  const first = await settled(performance.now())

  const started = performance.now()
  await send({
    type: 'changeSection', key: 'accessories', seen: {}, settings: { steps: [linkStep('accessory'), {
      from: 'rule', rule: { when: { all: [] }, pick: { all: [{ category: 'same' }, { pricePercent: { from: 5, to: 60 } }] } }, order: 'best-selling', subjects: 'page', cap: null, off: false,
    }] },
  })
  const withRule = await settled(started)

  const edited = performance.now()
  await send({ type: 'unlink', kind: 'accessory', on: [{ source: sku }], targets: (await laneOf(server, sku)).slice(0, 1) })
  const afterEdit = await settled(edited)
  return { first, withRule, afterEdit }
}

async function laneOf(server: string, sku: string): Promise<string[]> {
  const { products } = await (await fetch(`${server}/api/bench?sku=${sku}`)).json() as { products: { lanes: Record<string, { target: string }[]> }[] }
  return products[0]!.lanes.accessory!.map(row => row.target)
}
