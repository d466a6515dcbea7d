import { sumBy } from 'es-toolkit'
import type { LookSettings } from '../../core/looks/look'
import { LookBook } from '../../core/looks/lookBook'
import type { PagePlan, PlanSettings } from '../../core/pagePlans/pagePlan'
import type { Command } from '../../core/records/registry'
import type { PlanCommand } from '../../core/records/pagePlans/planCommandSchema'
import type { DraftedSort } from '../../core/releases/draftedSorts'
import { draftedSortNames, forEachSort } from '../../core/releases/draftedSorts'
import type { Section, SectionSettings } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import { isUnpublished } from '../../core/sections/versions'
import type { SectionsAnswer } from '../../core/studio/sectionAnswers'
import { sectionsAnswerSchema } from '../../core/studio/sectionAnswers'
import { callApi } from './callApi'
import { changedParts, useResource } from './resource'

type Draft<Sort extends DraftedSort> = NonNullable<SectionsAnswer[Sort][0]['draft']>

/** All sections, page plans and looks, as drafts and as shoppers have them. */
export const useDrafts = defineStore('drafts', () => {
  const stored = useResource((_: null) => callApi(sectionsAnswerSchema, '/api/sections'))
  const answer = stored.value
  const sections = computed(() => answer.value?.sections ?? [])
  const plans = computed(() => answer.value?.plans ?? [])
  const looks = computed(() => answer.value?.looks ?? [])
  /** The looks as they will be after publishing. */
  const lookBook = computed(() => new LookBook(looks.value.flatMap(each => each.draft ?? [])))

  const thingsOf = (sort: DraftedSort): readonly (Versions<object> & { key: string })[] => answer.value?.[sort] ?? []
  const unpublishedOf = (sort: DraftedSort): string[] =>
    thingsOf(sort)
      .filter(each => isUnpublished(each))
      .map(each => each.key)
  /** Keys of what shoppers don't get yet. */
  const unpublished = computed(() => forEachSort(unpublishedOf))
  const unpublishedCount = computed(() => sumBy(draftedSortNames, sort => unpublished.value[sort].length))

  function draftOf<Sort extends DraftedSort>(sort: Sort, key: string): Draft<Sort> | null {
    return (thingsOf(sort).find(each => each.key === key)?.draft ?? null) as Draft<Sort> | null
  }

  /** Sets parts of a draft. */
  function change<Sort extends DraftedSort>(
    sort: Sort,
    key: string,
    settings: Partial<Draft<Sort>>,
    command: (parts: { settings: Partial<Draft<Sort>>; seen: Partial<Draft<Sort>> }) => Command,
  ): void {
    const draft = draftOf(sort, key)
    const parts = draft && changedParts<Draft<Sort>>(draft, settings)
    if (!parts) return
    const next = answer.value![sort].map(each => (each.key === key ? { ...each, draft: { ...draft, ...settings } } : each))
    void stored.edit({ ...answer.value!, [sort]: next }, () => command(parts))
  }

  /** The plans that have a section, with the zone it stands in. */
  function plansWith(key: string): { plan: PagePlan; zone: string; off: boolean }[] {
    return plans.value.flatMap(({ draft }) =>
      draft
        ? draft.zones
            .filter(zone => zone.sections.includes(key))
            .map(zone => ({ plan: draft, zone: zone.key, off: draft.off.includes(key) }))
        : [],
    )
  }

  return {
    answer,
    sections,
    plans,
    looks,
    lookBook,
    unpublished,
    unpublishedCount,
    edition: stored.edition,
    load: () => stored.open(null),
    send: stored.send,
    sendAndTell: stored.sendAndTell,
    change: (key: string, settings: Partial<SectionSettings>) =>
      change('sections', key, settings, parts => ({ type: 'changeSection', key, ...parts })),
    changePlan: (key: string, settings: Partial<PlanSettings>) =>
      change('plans', key, settings, parts => ({ type: 'changePlan', key, ...parts })),
    changeLook: (key: string, settings: Partial<LookSettings>) =>
      change('looks', key, settings, parts => ({ type: 'changeLook', key, ...parts })),
    draftOf: (key: string) => draftOf('sections', key),
    planDraftOf: (key: string) => draftOf('plans', key),
    lookDraftOf: (key: string) => draftOf('looks', key),
    plansWith,
    /** The sections that have a look, as drafts. */
    sectionsWith: (look: string): Section[] => sections.value.flatMap(({ draft }) => (draft?.look.preset === look ? draft : [])),
    add: (settings: SectionSettings) => stored.add({ type: 'addSection', settings }, () => sections.value),
    addLook: (settings: LookSettings) => stored.add({ type: 'addLook', settings }, () => looks.value),
    addPlan: (plan: Omit<Extract<PlanCommand, { type: 'addPlan' }>, 'type'>) => stored.add({ type: 'addPlan', ...plan }, () => plans.value),
  }
})
