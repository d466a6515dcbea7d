import { describe, expect, it } from 'vitest'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import { targetsOf } from '../../core/links/lane'
import { maxMended } from '../../core/records/putAside/checkCommandSchema'
import { shopWith } from '../exchange/importing.testing'
import { withStore } from '../store/temporaryStore.testing'

const count = 350
const skuOf = (i: number) => `P${String(i).padStart(3, '0')}`
const products = [...Array.from({ length: count }, (_, i) => makeProduct(skuOf(i))), makeProduct('OLD', { status: 'retired' })]
const findings = products
  .slice(0, count)
  .map(({ sku }) => ({ check: 'targetRetired' as const, source: sku, kind: 'related', target: 'OLD' }))
const links = `source,kind,target\n${findings.map(each => `${each.source},related,OLD`).join('\n')}\n`

describe('a long command', () => {
  it('lets others have a turn in between, is one entry, and is undone and done again as one', { timeout: 120_000 }, async () => {
    expect(findings.length).toBeLessThan(maxMended)
    await withStore({ products: products.map(each => ({ ...each, status: 'active' as const })) }, async store => {
      const { log, shop, take } = await shopWith(store)
      await take('links', links)
      await take('products', 'sku,status\nOLD,retired\n')
      const linked = () => findings.filter(each => targetsOf(shop.links.lane(each.source, 'related')).includes('OLD')).length
      expect(linked()).toBe(count)

      const order: string[] = []
      const mending = log.run({ type: 'mend', findings }, 'one').then(done => (order.push('mend'), done))
      expect([log.waiting, log.doesSomebodyWait]).toEqual([1, false])
      const edit = log
        .run({ type: 'link', kind: 'upsell', on: [{ source: 'P005' }], targets: ['P006'] }, 'two')
        .then(() => order.push('edit'))
      expect([log.waiting, log.doesSomebodyWait]).toEqual([2, true])
      const [done] = await Promise.all([mending, edit])
      expect(order).toEqual(['edit', 'mend'])
      expect([log.waiting, log.doesSomebodyWait]).toEqual([0, false])
      expect([linked(), done.changes.length]).toEqual([0, count])
      const [, entry] = await store.history(null, 1e9, 2)
      expect([entry!.words, entry!.lanes, await store.pieces(entry!.id)]).toEqual([done.words, count, 4])

      await log.undo('one')
      expect(linked()).toBe(count)
      await log.redo('one')
      expect(linked()).toBe(0)
      expect(targetsOf(shop.links.lane('P005', 'upsell'))).toEqual(['P006'])
    })
  })

  it('that was undone is not done again after a file was imported', async () => {
    await withStore({ products }, async store => {
      const { log, take } = await shopWith(store)
      await log.run({ type: 'link', kind: 'related', on: [{ source: 'P001' }], targets: ['P002'] }, 'one')
      await log.undo('one')
      expect((await log.undoState('one')).redo).toContain('Linked')
      await take('products', 'sku,stock\nP003,77\n')
      expect((await log.undoState('one')).redo).toBeNull()
      await expect(log.redo('one')).rejects.toThrow('There is nothing to redo.')
    })
  })
})
