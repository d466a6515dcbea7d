import { asItIs, keyedRecord } from '../../journal/keyed'
import type { ChangeOf } from '../../journal/record'
import type { States } from '../../journal/states'
import type { DraftedSort } from '../../releases/draftedSorts'
import type { Translation } from '../../text/translations'

/** What is translated: things that are drafted and published, and the shop's settings, which are one thing. */
export type TranslatedSort = DraftedSort | 'settings'
export const settingsKey = 'shop'

/** What is known of the translations of a thing; null: nothing was reworded. */
export const translationRecord = keyedRecord<'translations', readonly Translation[]>(
  { of: 'translations', called: 'what is known of the same translations' },
  asItIs,
)
export type TranslationChange = ChangeOf<'translations', readonly Translation[] | null>

const keyOf = (sort: TranslatedSort, key: string) => `${sort} ${key}`

export const translationsOf = (states: States, sort: TranslatedSort, key: string): readonly Translation[] =>
  states.of(translationRecord).get(keyOf(sort, key)) ?? []

/** What becomes of what is known of a thing's translations. @param after null: the thing is gone */
export const translationChange = (
  states: States,
  sort: TranslatedSort,
  key: string,
  after: readonly Translation[] | null,
): TranslationChange => ({
  of: 'translations',
  owner: '',
  key: keyOf(sort, key),
  before: states.of(translationRecord).get(keyOf(sort, key)) ?? null,
  after: after?.length ? after : null,
})
