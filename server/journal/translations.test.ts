import { describe, expect, it } from 'vitest'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import { settingTexts } from '../../core/catalogue/shopSettings'
import type { Command } from '../../core/records/registry'
import { settingsKey, translationRecord, translationsOf } from '../../core/records/translations/translationRecord'
import { makeOffer } from '../../core/offers/makeOffer.testing'
import { shownTexts } from '../../core/releases/draftedSorts'
import type { Text } from '../../core/text/text'
import { madeFromOther } from '../../core/text/translations'
import { loadLiveShop } from '../live/loadLiveShop'
import type { LiveShop } from '../live/liveShop'
import { withStore } from '../store/temporaryStore.testing'
import { CommandLog } from './commandLog'

const say = (heading: Text): Command => ({ type: 'changeSection', key: 'related', settings: { heading }, seen: {} })
const { key: _, rank: __, ...offerSettings } = makeOffer('along', { heading: { en: 'Take it along', de: 'Dazu' } })
const publish: Command = { type: 'publish', sections: ['related'], plans: [] }
const discard: Command = { type: 'discard', sections: ['related'], plans: [] }
const keep = (words: string, own: string): Command => ({
  type: 'keepTranslation',
  of: 'sections',
  key: 'related',
  text: 'heading',
  language: 'de',
  words,
  own,
})
/** What the German heading goes with, of the draft and of what is live, when the English is another by now. */
function older(shop: LiveShop): (string | null)[] {
  const { draft, live } = shop.versions.sections.get('related')!
  return [draft, live].map(version => {
    const heading = shownTexts('sections', version!).find(each => each.key === 'heading')!
    return madeFromOther(translationsOf(shop.states, 'sections', 'related'), heading, 'de', shop.settings.language)
  })
}
async function withLog(work: (log: CommandLog, shop: LiveShop, again: () => Promise<LiveShop>) => Promise<void>): Promise<void> {
  await withStore({ products: [makeProduct('A')] }, async store => {
    const shop = await loadLiveShop(store)
    const log = new CommandLog(store, shop)
    await log.run(say({ en: 'Like it', de: 'Ähnlich' }), 'one')
    await log.run(publish, 'one')
    await work(log, shop, () => loadLiveShop(store))
  })
}

describe('what a translation was made from', () => {
  it('is known of drafts and of what is published, through undo, discarding and a restart', async () => {
    await withLog(async (log, shop, again) => {
      expect(older(shop)).toEqual([null, null])
      await log.run(say({ en: 'Much like it', de: 'Ähnlich' }), 'one')
      expect(older(shop)).toEqual(['Like it', null])
      await log.undo('one')
      expect(older(shop)).toEqual([null, null])
      await log.redo('one')
      await log.run(publish, 'one')
      expect([older(shop), older(await again())]).toEqual([
        ['Like it', 'Like it'],
        ['Like it', 'Like it'],
      ])
      await log.run(say({ en: 'Much like it', de: 'Sehr ähnlich' }), 'one')
      expect(older(shop)).toEqual([null, 'Like it'])
      await log.run(discard, 'one')
      expect(older(shop)).toEqual(['Like it', 'Like it'])
      await log.run({ type: 'goBack', release: 1 }, 'one')
      expect(older(shop)).toEqual(['Like it', null])
    })
  })

  it('is told to fit, which is undone like any edit, and is refused when either was changed meanwhile', async () => {
    await withLog(async (log, shop) => {
      await log.run(say({ en: 'Much like it', de: 'Ähnlich' }), 'one')
      await expect(log.run(keep('Ähnlich', 'Like it'), 'two')).rejects.toThrow('Somebody has changed the heading meanwhile.')
      await expect(log.run(keep('Gleich', 'Much like it'), 'two')).rejects.toThrow('Somebody has changed the heading meanwhile.')
      const { words } = await log.run(keep('Ähnlich', 'Much like it'), 'two')
      expect(words).toBe('Kept “Ähnlich” (de) in “Much like it”: it still fits')
      expect(older(shop)).toEqual([null, null])
      await expect(log.undo('one')).rejects.toThrow('what is known of the same translations was changed later')
      await log.undo('two')
      expect(older(shop)).toEqual(['Like it', null])
    })
  })

  it('is found out of what shoppers have, for drafts from before it was remembered', async () => {
    await withLog(async (log, shop) => {
      // As a version that remembers nothing has left it.
      await log.run(say({ en: 'Much like it', de: 'Ähnlich' }), 'one')
      shop.states.of(translationRecord).clear()
      await log.run(publish, 'one')
      expect(older(shop)).toEqual(['Like it', 'Like it'])
    })
  })

  it('goes with the thing, and comes back with it', async () => {
    await withLog(async (log, shop) => {
      await log.run({ type: 'addOffer', settings: offerSettings }, 'one')
      const offer = [...shop.versions.offers.keys()].at(-1)!
      await log.run({ type: 'changeOffer', key: offer, settings: { heading: { en: 'Take both', de: 'Dazu' } }, seen: {} }, 'one')
      expect(translationsOf(shop.states, 'offers', offer)).toHaveLength(1)
      await log.run({ type: 'removeOffer', key: offer }, 'one')
      expect(translationsOf(shop.states, 'offers', offer)).toEqual([])
      await log.undo('one')
      expect(translationsOf(shop.states, 'offers', offer)).toHaveLength(1)
    })
  })

  it('is known of the welcome among the settings too, with the same ways to say that it fits', async () => {
    await withLog(async (log, shop, again) => {
      const welcome = (text: Text): Command => ({ type: 'changeSettings', settings: { welcome: text } })
      const olderIn = (where: LiveShop) =>
        madeFromOther(translationsOf(where.states, 'settings', settingsKey), settingTexts(where.settings)[0]!, 'de', 'en')
      await log.run({ type: 'changeSettings', settings: { languages: ['en', 'de'] } }, 'one')
      await log.run(welcome({ en: 'All for gardens', de: 'Alles für Gärten' }), 'one')
      expect(olderIn(shop)).toBeNull()
      await log.run(welcome({ en: 'All for yards', de: 'Alles für Gärten' }), 'one')
      expect([olderIn(shop), olderIn(await again())]).toEqual(['All for gardens', 'All for gardens'])
      await log.undo('one')
      expect(olderIn(shop)).toBeNull()
      await log.redo('one')
      const kept = { type: 'keepTranslation', of: 'settings', key: settingsKey, text: 'welcome', language: 'de' } as const
      await expect(log.run({ ...kept, words: 'Alles für Gärten', own: 'All for gardens' }, 'one')).rejects.toThrow('meanwhile')
      await log.run({ ...kept, words: 'Alles für Gärten', own: 'All for yards' }, 'one')
      expect([olderIn(shop), olderIn(await again())]).toEqual([null, null])
      await log.undo('one')
      expect(olderIn(shop)).toBe('All for gardens')
    })
  })
})
