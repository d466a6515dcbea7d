import { sortBy, sumBy } from 'es-toolkit'
import type { LookSettings } from '../../core/looks/look'
import { LookBook } from '../../core/looks/lookBook'
import type { OfferSettings } from '../../core/offers/offer'
import type { PagePlan, PlanSettings } from '../../core/pagePlans/pagePlan'
import type { Command } from '../../core/records/registry'
import type { PlanCommand } from '../../core/records/pagePlans/planCommandSchema'
import type { DraftedSort, DraftedThings } from '../../core/releases/draftedSorts'
import { draftedSortNames, forEachSort, nameIn } from '../../core/releases/draftedSorts'
import type { SectionSettings } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import { isUnpublished } from '../../core/sections/versions'
import type { DraftsAnswer, StoredDraft } from '../../core/studio/draftAnswers'
import { draftsAnswerSchema } from '../../core/studio/draftAnswers'
import { callApi } from './callApi'
import { changedParts, useResource } from './resource'
import { useStudioShop } from './studioShop'
import { dataWords } from './words'

const say = dataWords.drafts

/** Everything that is drafted and published, as drafts and as shoppers have it. */
export const useDrafts = defineStore('drafts', () => {
  const stored = useResource((_: null) => callApi(draftsAnswerSchema, '/api/drafts'))
  const studio = useStudioShop()
  const answer = stored.value
  const sections = computed(() => answer.value?.sections ?? [])
  const plans = computed(() => answer.value?.plans ?? [])
  const looks = computed(() => answer.value?.looks ?? [])
  /** In the order in which they apply after publishing; what is to be taken away stands at its live place. */
  const offers = computed(() => sortBy(answer.value?.offers ?? [], [({ live, draft }) => (draft ?? live)!.rank, 'key']))
  /** The looks as they will be after publishing. */
  const lookBook = computed(() => new LookBook(looks.value.flatMap(each => each.draft ?? [])))

  const thingsOf = <Sort extends DraftedSort>(sort: Sort) => (answer.value?.[sort] ?? []) as readonly StoredDraft<DraftedThings[Sort]>[]
  const storedOf = <Sort extends DraftedSort>(sort: Sort, key: string) => thingsOf(sort).find(each => each.key === key) ?? null
  const unpublishedOf = (sort: DraftedSort): string[] =>
    thingsOf(sort)
      .filter((each: Versions<unknown>) => isUnpublished(each))
      .map(each => each.key)
  /** Keys of what shoppers don't get yet. */
  const unpublished = computed(() => forEachSort(unpublishedOf))
  /** Keys of those of them that whoever is signed in has drafted. */
  const mine = computed(() => forEachSort(sort => unpublished.value[sort].filter(key => storedOf(sort, key)!.by?.isMe)))
  const unpublishedCount = computed(() => sumBy(draftedSortNames, sort => unpublished.value[sort].length))

  const draftOf = <Sort extends DraftedSort>(sort: Sort, key: string): DraftedThings[Sort] | null => storedOf(sort, key)?.draft ?? null
  /** What a thing is called as it is drafted, or else live. */
  function nameOf(sort: DraftedSort, key: string): string {
    const stored = storedOf(sort, key)
    const thing = stored?.draft ?? stored?.live
    return thing ? studio.words(nameIn(sort, thing)) || key : key
  }

  /** When something goes out by itself: “planned for 3 Dec, 08:00”; empty: that is not planned. */
  function plannedWords(sort: DraftedSort, key: string): string {
    const planned = storedOf(sort, key)?.planned
    if (!planned) return ''
    return (planned.isAsDrafted ? say.plannedFor : say.changedSincePlannedFor)(studio.coming(planned.at))
  }

  /** Sets parts of a draft. What is being typed is sent when the typing pauses; typed to its end, at once. */
  function change<Sort extends DraftedSort>(
    sort: Sort,
    key: string,
    settings: Partial<DraftedThings[Sort]>,
    typed: boolean,
    command: (parts: { settings: Partial<DraftedThings[Sort]>; seen: Partial<DraftedThings[Sort]> }) => Command,
  ): void {
    const draft = draftOf(sort, key)
    if (!draft) return
    if (!changedParts<DraftedThings[Sort]>(draft, settings)) return void (typed || stored.flush())
    const next = thingsOf(sort).map(each =>
      each.key === key ? { ...each, draft: { ...draft, ...settings }, by: { name: null, isMe: true } } : each,
    )
    const draftIn = (all: DraftsAnswer) => (all[sort] as readonly StoredDraft<DraftedThings[Sort]>[]).find(each => each.key === key)!.draft!
    void stored.edit(
      { ...answer.value!, [sort]: next },
      (before, after) => {
        const parts = changedParts<DraftedThings[Sort]>(draftIn(before), draftIn(after))
        return parts && command(parts)
      },
      { typed, about: `${sort} ${key}` },
    )
  }

  /** The plans that have a block, with the zone it stands in. */
  function plansWith(block: string): { plan: PagePlan; zone: string; off: boolean }[] {
    return plans.value.flatMap(({ draft }) =>
      draft
        ? draft.zones
            .filter(zone => zone.blocks.includes(block))
            .map(zone => ({ plan: draft, zone: zone.key, off: draft.off.includes(block) }))
        : [],
    )
  }

  return {
    answer,
    sections,
    plans,
    looks,
    offers,
    lookBook,
    storedOf,
    /** What shoppers have of a sort. */
    liveOf: <Sort extends DraftedSort>(sort: Sort) => thingsOf(sort).flatMap(each => each.live ?? []),
    nameOf,
    plannedWords,
    unpublished,
    mine,
    unpublishedCount,
    edition: stored.edition,
    load: () => stored.open(null),
    send: stored.send,
    sendAndTell: stored.sendAndTell,
    change: (key: string, settings: Partial<SectionSettings>, typed = false) =>
      change('sections', key, settings, typed, parts => ({ type: 'changeSection', key, ...parts })),
    changePlan: (key: string, settings: Partial<PlanSettings>) =>
      change('plans', key, settings, false, parts => ({ type: 'changePlan', key, ...parts })),
    changeLook: (key: string, settings: Partial<LookSettings>, typed = false) =>
      change('looks', key, settings, typed, parts => ({ type: 'changeLook', key, ...parts })),
    changeOffer: (key: string, settings: Partial<OfferSettings>, typed = false) =>
      change('offers', key, settings, typed, parts => ({ type: 'changeOffer', key, ...parts })),
    draftOf: (key: string) => draftOf('sections', key),
    planDraftOf: (key: string) => draftOf('plans', key),
    lookDraftOf: (key: string) => draftOf('looks', key),
    plansWith,
    /** Sections and offers that have a look, as drafts. */
    lookUsers: (look: string) =>
      (['sections', 'offers'] as const).flatMap(sort =>
        thingsOf(sort).flatMap(({ key, draft }) => (draft?.look.preset === look ? { sort, key } : [])),
      ),
    add: (settings: SectionSettings) => stored.add({ type: 'addSection', settings }, () => sections.value),
    addLook: (settings: LookSettings) => stored.add({ type: 'addLook', settings }, () => looks.value),
    addOffer: (settings: OfferSettings) => stored.add({ type: 'addOffer', settings }, () => offers.value),
    addPlan: (plan: Omit<Extract<PlanCommand, { type: 'addPlan' }>, 'type'>) => stored.add({ type: 'addPlan', ...plan }, () => plans.value),
  }
})
