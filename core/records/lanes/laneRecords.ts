import { asItIs } from '../../journal/keyed'
import { pageLaneOf } from '../../journal/commandContext'
import type { ChangeOf, StoredRecord } from '../../journal/record'
import type { Lane } from '../../links/lane'
import { sameLane, targetsOf } from '../../links/lane'
import { LinkIndex } from '../../links/linkIndex'
import { pageOfSource } from '../../links/pageLanes'

const asLane = { called: 'the same lane', upgrade: asItIs<Lane>, isSame: sameLane }

/** The links of a product as one kind. */
export const linksRecord: StoredRecord<'links', Lane, LinkIndex> = {
  of: 'links',
  ...asLane,
  begin: () => new LinkIndex(),
  read: ({ owner: source, key: kind }, { links }) => links.lane(source, kind),
  apply: ({ owner: source, key: kind, after }, states) => states.of(linksRecord).setLane(source, kind, after),
  live: ({ owner: source }, effects) => effects.relinked(source),
  counting: {
    isCopied: false,
    apply({ owner: source, key: kind, after }, shop) {
      shop.setLane(source, kind, after)
      return true
    },
    fill: ({ owner: source }, stale) => stale.page(source),
    findings(change, stale) {
      stale.lane(change)
      stale.sameShown()
    },
  },
}
export type LinksChange = ChangeOf<'links', Lane>

/** Targets that are not to be suggested for a product as one kind. */
export const dismissedRecord: StoredRecord<'dismissed', Lane, LinkIndex> = {
  of: 'dismissed',
  ...asLane,
  begin: () => new LinkIndex(),
  read: ({ owner: source, key: kind }, { dismissed }) => dismissed.lane(source, kind),
  apply: ({ owner: source, key: kind, after }, states) => states.of(dismissedRecord).setLane(source, kind, after),
}
export type DismissedChange = ChangeOf<'dismissed', Lane>

/**
 * What an article names, and which categories are related to one. Held here are the categories, by key; articles have what they name
 * themselves.
 */
export const pageLinksRecord: StoredRecord<'pageLinks', Lane, Map<string, readonly string[]>> = {
  of: 'pageLinks',
  ...asLane,
  begin: () => new Map(),
  read: ({ owner: source }, shop) => pageLaneOf(source, shop),
  apply({ owner: source, after }, states) {
    const { page, key } = pageOfSource(source)!
    if (page === 'article') return
    if (after.length) states.of(pageLinksRecord).set(key, targetsOf(after))
    else states.of(pageLinksRecord).delete(key)
  },
  live({ owner: source, after }, effects) {
    const { page, key } = pageOfSource(source)!
    if (page === 'article') effects.articleNames(key, targetsOf(after))
  },
  counting: {
    isCopied: true,
    apply({ owner: source, after }, shop) {
      const { page, key } = pageOfSource(source)!
      if (page === 'article') shop.setArticle(key, targetsOf(after))
      return true
    },
    fill({ owner: source }, stale) {
      const { page, key } = pageOfSource(source)!
      stale.pageAbout(page, key)
    },
    findings: (_, stale) => stale.sameShown(),
  },
  usedBy({ owner: source, after }, shop) {
    const { page, key } = pageOfSource(source)!
    const { catalogue } = shop
    const gone = after.find(({ target }) => (page === 'article' ? !catalogue.product(target) : !catalogue.category(target)))
    if (gone) return { about: gone.target, words: `${gone.target} is no longer in the shop.` }
    return (page === 'article' ? catalogue.article(key) : catalogue.category(key))
      ? null
      : { about: key, words: `the ${page} “${key}” is no longer in the shop.` }
  },
}
export type PageLinksChange = ChangeOf<'pageLinks', Lane>

export type LaneChange = LinksChange | DismissedChange | PageLinksChange
