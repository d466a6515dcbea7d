import autocannon from 'autocannon'
import type { MeasuredServer } from '../measuredServer'
import type { Part } from '../part'
import { mb, ms, row, s } from '../part'
import { longestStall, sell } from '../stalls'
import { percentile } from '../statistics'

/** Which address comes next. */
let turn = 0

interface Load {
  requestsPerSecond: number
  processorMicroseconds: number
}

/** Twenty connections at once, each request with the next of these addresses. */
async function load(server: MeasuredServer, urls: readonly string[], seconds: number): Promise<Load> {
  const paths = urls.map(url => url.slice(new URL(url).origin.length))
  const before = server.processorTime()
  const result = await autocannon({
    url: server.address,
    connections: 20,
    duration: seconds,
    requests: [{ setupRequest: request => ({ ...request, path: paths[turn++ % paths.length]! }) }],
  })
  if (result.non2xx || result.errors) throw new Error(`${result.non2xx} answers were not 2xx, ${result.errors} requests failed.`)
  return {
    requestsPerSecond: result.requests.average,
    processorMicroseconds: ((server.processorTime() - before) * 1000) / result.requests.total,
  }
}

const middle = (loads: Load[], of: keyof Load) =>
  percentile(
    loads.map(each => each[of]),
    50,
  )

/** What shops get in a second, beside a bare route that sends as many bytes, while somebody buys four times a second. */
export const delivery: Part = {
  name: 'delivery',
  async measure({ server: started }) {
    const server = await started()
    // Turn by turn, so that a noisy moment meets both.
    // Until then the server has also done what it still counts after its start.
    await load(server, server.urls, 15)
    await load(server, [server.bareUrl], 5)
    let isBuying = true
    const buying = (async () => {
      while (isBuying) {
        await sell(server.address)
        await new Promise(resolve => setTimeout(resolve, 250))
      }
    })()
    const pages: Load[] = []
    const bare: Load[] = []
    const stall = await longestStall(server.address, async () => {
      for (let round = 0; round < 5; round++) {
        pages.push(await load(server, server.urls, 4))
        bare.push(await load(server, [server.bareUrl], 4))
      }
    })
    isBuying = false
    await buying
    const [delivered, plain] = [middle(pages, 'requestsPerSecond'), middle(bare, 'requestsPerSecond')]
    return [
      row('start the server until the first answer', s(server.startUp / 1000)),
      row('memory of the server at rest', mb(server.memoryAtRest), '≤ 700 MB'),
      row('memory of the server after the load', mb(server.memory()), '≤ 700 MB'),
      row(`delivery, requests per second (${server.bytes} bytes)`, delivered.toFixed(0)),
      row('a bare route with the same bytes, requests per second', plain.toFixed(0)),
      row('delivery in percent of the bare route', `${((100 * delivered) / plain).toFixed(0)} %`, '≥ 50 %'),
      row('delivery, processor time of a request', `${middle(pages, 'processorMicroseconds').toFixed(0)} µs`),
      row('a bare route, processor time of a request', `${middle(bare, 'processorMicroseconds').toFixed(0)} µs`),
      row('longest stall of the event loop under that load, with four sales a second', ms(stall), '≤ 50 ms'),
    ]
  },
}
