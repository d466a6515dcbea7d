import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'
import { underWay } from '../exchange/atOnce'
import { openStreams } from '../journal/openStreams'
import { troubles } from '../running/troubles'
import { useShop } from '../running/useShop'
import { writeWaits } from '../journal/writeWaits'

/** What the server tells of itself, in the text format of Prometheus: of the process, and what is below. */
export const metrics = new Registry()
collectDefaultMetrics({ register: metrics, prefix: 'manada_' })

/** Counted by hand, for these are most of all requests: what counts them with their times would cost them more than it tells. */
let pages = 0
export const countPage = () => pages++

new Counter({
  name: 'manada_pages_total',
  help: 'Pages of the delivery contract that were asked for.',
  registers: [metrics],
  collect() {
    this.reset()
    this.inc(pages)
  },
})

const requests = new Histogram({
  name: 'manada_request_seconds',
  help: 'Seconds from a request to its answer, by route; pages of the delivery contract are not among them.',
  labelNames: ['method', 'route', 'status'],
  buckets: [0.005, 0.02, 0.1, 0.5, 2, 10, 60],
  registers: [metrics],
})

/** Counts a request that was answered. @param route as the router has it: there are only so many */
export const countRequest = (method: string, route: string, status: number, seconds: number) =>
  requests.observe({ method, route, status: `${Math.floor(status / 100)}xx` }, seconds)

metrics.registerMetric(writeWaits)

function gauge(name: string, help: string, value: () => number | Promise<number>): void {
  new Gauge({
    name,
    help,
    registers: [metrics],
    async collect() {
      this.set(await value())
    },
  })
}
gauge('manada_writes_waiting', 'Writes that are under way or wait for those before them.', async () => (await useShop()).log.waiting)
gauge('manada_writes_followed', 'Number of the last write that the live shop has taken over.', async () => (await useShop()).log.followed)
gauge('manada_studios', 'Open studios that are told of changes.', () => openStreams.size)
gauge('manada_imports', 'Imports under way.', () => underWay('import'))
gauge('manada_exports', 'Exports under way.', () => underWay('export'))
gauge(
  'manada_troubles',
  'What whoever runs the server has to see to: a full disk, a folder that may only be read, damage.',
  () => troubles().length,
)
gauge('manada_products', 'Products of the shop.', async () => (await useShop()).shop.catalogue.products.length)
