import { isEqual } from 'es-toolkit'
import { asItIs, keyedRecord } from '../../journal/keyed'
import type { CountingRules } from '../../journal/counting'
import type { AnyChange, ChangeOf, StoredRecord } from '../../journal/record'
import type { ShopView } from '../../journal/shopView'
import { draftedSortNames, draftedSorts } from '../../releases/draftedSorts'
import type { Versions } from '../../sections/versions'
import { followingTranslations } from '../translations/planTranslations'

type Change<Of extends string, Thing> = ChangeOf<Of, Versions<Thing> | null>

/**
 * A record of things that shoppers get only when they are published.
 * @param upgrade of one version
 * @param asVersions of what was stored before there were drafts of it
 */
export const draftedRecord = <Of extends string, Thing>(
  given: Pick<StoredRecord<Of, Versions<Thing> | null, Map<string, Versions<Thing>>>, 'of' | 'called' | 'counting' | 'usedBy' | 'follows'>,
  upgrade: (stored: Thing) => Thing,
  asVersions: (stored: Versions<Thing>) => Versions<Thing> = asItIs,
) =>
  keyedRecord<Of, Versions<Thing>>(
    {
      ...given,
      live: (_, effects) => effects.versionsChanged(),
      follows: (change, shop) => [...(given.follows?.(change, shop) ?? []), ...translationsAfter(change, shop)],
    },
    stored => {
      const { live, draft } = asVersions(stored)
      return { live: live && upgrade(live), draft: draft && upgrade(draft) }
    },
  )

function translationsAfter<Of extends string, Thing>({ of, key, before, after }: Change<Of, Thing>, shop: ShopView): AnyChange[] {
  const sort = draftedSortNames.find(each => draftedSorts[each].of === of)!
  return followingTranslations(sort, key, before as never, after as never, shop)
}

/** What is counted of things that decide how many products sections show. */
export const decidesFill = <Of extends string, Thing>(): CountingRules<Change<Of, Thing>> => ({
  isCopied: true,
  fill({ before, after }, stale) {
    if (!isEqual(before?.[stale.version], after?.[stale.version])) stale.everything()
  },
})

/** What is counted of things that decide what sections show. */
export const decidesWhatIsShown = <Of extends string, Thing>(): CountingRules<Change<Of, Thing>> => ({
  ...decidesFill(),
  findings({ before, after }, stale) {
    if (!isEqual(before?.live, after?.live)) stale.rules()
  },
})
