import type { Command } from '../../core/records/registry'
import { linkStep } from '../../core/fillSteps/fillStep'
import { ask } from '../ask'
import type { Part } from '../part'
import { mb, ms, row, s } from '../part'

const headers = { 'content-type': 'application/json' }

/** Asks until every change is counted in. Returns the milliseconds since a moment. */
async function settled(address: string, since: number): Promise<number> {
  for (;;) {
    const { settled } = (await (await ask(address)).json()) as { settled: boolean }
    if (settled) return performance.now() - since
    await new Promise(resolve => setTimeout(resolve, 10))
  }
}

async function send(server: string, command: Command): Promise<void> {
  const answer = await ask(`${server}/api/commands`, { method: 'POST', headers, body: JSON.stringify(command) })
  if (!answer.ok) throw new Error(await answer.text())
}

/** Milliseconds that the fill meter of a section takes: at first, with a rule in the draft, and after one edit. */
async function measureFill(server: string, sku: string) {
  const meter = `${server}/api/sections/fill?section=accessories`
  const first = await settled(meter, performance.now())

  const started = performance.now()
  await send(server, {
    type: 'changeSection',
    key: 'accessories',
    seen: {},
    settings: {
      steps: [
        linkStep('accessory'),
        {
          from: 'rule',
          rule: { when: { all: [] }, pick: { all: [{ category: 'same' }, { pricePercent: { from: 5, to: 60 } }] } },
          order: 'best-selling',
          subjects: 'page',
          cap: null,
          off: false,
        },
      ],
    },
  })
  const withRule = await settled(meter, started)

  const edited = performance.now()
  await send(server, { type: 'unlink', kind: 'accessory', on: [{ source: sku }], targets: (await laneOf(server, sku)).slice(0, 1) })
  const afterEdit = await settled(meter, edited)
  return { first, withRule, afterEdit }
}

async function laneOf(server: string, sku: string): Promise<string[]> {
  const { products } = (await (await ask(`${server}/api/bench?sku=${sku}`)).json()) as {
    products: { lanes: Record<string, { target: string }[]> }[]
  }
  return products[0]!.lanes.accessory!.map(row => row.target)
}

/** Milliseconds that the checks take over the whole shop, when the copy of it is there already; and after one edit. */
async function measureChecks(server: string, sku: string) {
  const checks = `${server}/api/checks`
  const first = await settled(checks, performance.now())
  const edited = performance.now()
  await send(server, { type: 'unlink', kind: 'accessory', on: [{ source: sku }], targets: (await laneOf(server, sku)).slice(0, 1) })
  return { first, afterEdit: await settled(checks, edited) }
}

/** Fill meters and checks over the whole shop. */
export const counting: Part = {
  name: 'counting',
  async measure({ server: started, skus }) {
    const server = await started()
    const fill = await measureFill(server.address, skus[0]!)
    const checks = await measureChecks(server.address, skus[1]!)
    return [
      row('fill meter of a section over all products, live and draft, the first time', s(fill.first / 1000), '≤ 10 s'),
      row('the same after its draft has got a rule', s(fill.withRule / 1000), '≤ 10 s'),
      row('the same after one edit of a lane', ms(fill.afterEdit), '≤ 100 ms'),
      row('all checks over all products', s(checks.first / 1000)),
      row('the same after one edit of a lane', ms(checks.afterEdit)),
      row('memory of the server with its fill meters and checks', mb(server.memory()), '≤ 700 MB'),
    ]
  },
}
