import { describe, expect, it } from 'vitest'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import type { Command } from '../../core/records/registry'
import { loadLiveShop } from '../live/loadLiveShop'
import { withStore } from '../store/temporaryStore.testing'
import type { LiveShop } from '../live/liveShop'
import { CommandLog } from './commandLog'

const contents = {
  products: [makeProduct('A', { brand: 'Corrie' }), makeProduct('B'), makeProduct('C')],
  categories: ['hives', 'tools', 'jars'].map(key => ({ key, name: { en: key }, parent: null })),
  articles: [{ key: 'spring', title: { en: 'In spring' }, body: {}, image: null, products: ['B', 'A'] }],
}
async function withLog(work: (log: CommandLog, shop: LiveShop, again: () => Promise<LiveShop>) => Promise<void>): Promise<void> {
  await withStore(contents, async store => {
    const shop = await loadLiveShop(store)
    await work(new CommandLog(store, shop), shop, () => loadLiveShop(store))
  })
}
const named = (edit: object) => ({ kind: 'named', on: [{ source: 'article:spring' }], ...edit }) as Command
const related = (edit: object) => ({ kind: 'related-categories', on: [{ source: 'category:hives' }], ...edit }) as Command
const wear = (preset: string): Command => ({ type: 'changeSection', key: 'related', settings: { look: { preset, own: {} } }, seen: {} })
const calm: Command = { type: 'addLook', settings: { name: { en: 'Calm' }, parts: { gap: 30 }, page: null } }

describe('what an article names, and related categories', () => {
  it('are kept in their order, for pages at once and after a restart', async () => {
    await withLog(async (log, shop, again) => {
      await log.run(named({ type: 'link', targets: ['C'], place: 1 }), 'one')
      await log.run(named({ type: 'move', target: 'A', place: 1 }), 'one')
      await log.run(related({ type: 'link', targets: ['jars', 'tools'] }), 'one')
      for (const each of [shop, await again()]) {
        expect(each.catalogue.article('spring')!.products).toEqual(['A', 'C', 'B'])
        expect(each.articles[0]!.products).toEqual(['A', 'C', 'B'])
        expect(each.relatedCategories('hives')).toEqual(['jars', 'tools'])
        expect(each.relatedCategories('tools')).toEqual([])
      }
    })
  })

  it('are undone and taken back like links, unless something later has changed them', async () => {
    await withLog(async (log, shop, again) => {
      const first = await log.run(named({ type: 'link', targets: ['C'] }), 'one')
      await log.run(named({ type: 'unlink', targets: ['B'] }), 'two')
      await expect(log.revert(first.entry!, 'one')).rejects.toThrow(
        'the same lane was changed later (“Took B out of the article “In spring””)',
      )
      await log.undo('two')
      await log.revert(first.entry!, 'one')
      expect(shop.catalogue.article('spring')!.products).toEqual(['B', 'A'])
      expect((await again()).catalogue.article('spring')!.products).toEqual(['B', 'A'])
    })
  })

  it('leave the links of products alone, and the other way round', async () => {
    await withLog(async (log, shop) => {
      await log.run({ type: 'link', kind: 'related', on: [{ source: 'A' }], targets: ['B'] }, 'one')
      await log.run(named({ type: 'unlink', targets: ['A', 'B'] }), 'one')
      expect(shop.links.lane('A', 'related').map(link => link.target)).toEqual(['B'])
      expect(shop.catalogue.article('spring')!.products).toEqual([])
      await log.undo('one')
      expect(shop.catalogue.article('spring')!.products).toEqual(['B', 'A'])
    })
  })
})

describe('looks', () => {
  it('that a section has by now are not undone from under it', async () => {
    await withLog(async (log, shop) => {
      await log.run(calm, 'one')
      await log.run(wear('calm'), 'two')
      await expect(log.undo('one')).rejects.toThrow('the section “related” has this look by now.')
      await log.undo('two')
      await log.undo('one')
      expect(shop.versions.looks.has('calm')).toBe(false)
    })
  })

  it('are a release when they go out, and come back with an earlier one; sections follow', async () => {
    await withLog(async (log, shop, again) => {
      await log.run(wear('framed'), 'one')
      await log.run({ type: 'publish', sections: ['related'], plans: [] }, 'one')
      const corner = () => shop.looks.styleOf(shop.sections.get('related')!.look)['--section-corner']
      await log.run({ type: 'changeLook', key: 'framed', settings: { parts: { corner: 3, border: 'section' } }, seen: {} }, 'one')
      expect([corner(), shop.drafted.looks.styleOf({ preset: 'framed', own: {} })['--section-corner']]).toEqual([undefined, '3px'])
      await log.run({ type: 'publish', sections: [], plans: [], looks: ['framed'] }, 'one')
      expect([corner(), (await again()).looks.styleOf({ preset: 'framed', own: {} })['--section-corner']]).toEqual(['3px', '3px'])
      await log.run({ type: 'goBack', release: 2 }, 'one')
      expect(corner()).toBeUndefined()
    })
  })

  it('go out at their time as they were drafted then', async () => {
    await withLog(async (log, shop) => {
      const change = (gap: number): Command => ({ type: 'changeLook', key: 'plain', settings: { parts: { gap } }, seen: {} })
      await log.run(change(8), 'one')
      await log.run({ type: 'schedulePublish', at: '2030-01-01T00:00:00Z', sections: [], plans: [], looks: ['plain'], note: '' }, 'one')
      await log.run(change(40), 'one')
      await log.run({ type: 'runSchedule', key: '1' }, 'one')
      expect(shop.versions.looks.get('plain')).toMatchObject({ live: { parts: { gap: 8 } }, draft: { parts: { gap: 40 } } })
    })
  })
})

describe('the mark of a brand', () => {
  it('is set at once and for good, and undone', async () => {
    await withLog(async (log, shop, again) => {
      await log.run({ type: 'setBrandMark', brand: 'Corrie', image: '/pictures/corrie.svg' }, 'one')
      expect([shop.brandMarks.get('Corrie'), (await again()).brandMarks.get('Corrie')]).toEqual([
        '/pictures/corrie.svg',
        '/pictures/corrie.svg',
      ])
      await log.undo('one')
      expect([shop.brandMarks.size, (await again()).brandMarks.size]).toEqual([0, 0])
      await expect(log.run({ type: 'setBrandMark', brand: 'Unheard', image: null }, 'one')).rejects.toThrow(
        'No product is of the brand “Unheard”.',
      )
    })
  })
})
