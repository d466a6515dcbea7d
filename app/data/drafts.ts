import type { LookSettings } from '../../core/looks/look'
import { LookBook } from '../../core/looks/lookBook'
import type { PagePlan, PlanSettings } from '../../core/pagePlans/pagePlan'
import type { Command } from '../../core/records/registry'
import type { PlanCommand } from '../../core/records/pagePlans/planCommandSchema'
import type { Section, SectionSettings } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import { isUnpublished } from '../../core/sections/versions'
import type { SectionsAnswer } from '../../core/studio/sectionAnswers'
import { sectionsAnswerSchema } from '../../core/studio/sectionAnswers'
import { callApi } from './callApi'
import { changedParts, useResource } from './resource'

/** What has drafts. */
const sorts = ['sections', 'plans', 'looks'] as const
type Sort = (typeof sorts)[number]
type Draft<S extends Sort> = NonNullable<SectionsAnswer[S][0]['draft']>

/** All sections, page plans and looks, as drafts and as shoppers have them. */
export const useDrafts = defineStore('drafts', () => {
  const stored = useResource((_: null) => callApi(sectionsAnswerSchema, '/api/sections'))
  const answer = stored.value
  const sections = computed(() => answer.value?.sections ?? [])
  const plans = computed(() => answer.value?.plans ?? [])
  const looks = computed(() => answer.value?.looks ?? [])
  /** The looks as they will be after publishing. */
  const lookBook = computed(() => new LookBook(looks.value.flatMap(each => each.draft ?? [])))

  const thingsOf = (sort: Sort): readonly (Versions<object> & { key: string })[] => answer.value?.[sort] ?? []
  const unpublishedOf = (sort: Sort): string[] =>
    thingsOf(sort)
      .filter(each => isUnpublished(each))
      .map(each => each.key)
  /** Keys of what shoppers don't get yet. */
  const unpublished = computed(() => ({
    sections: unpublishedOf('sections'),
    plans: unpublishedOf('plans'),
    looks: unpublishedOf('looks'),
  }))
  const unpublishedCount = computed(() => sorts.reduce((sum, sort) => sum + unpublished.value[sort].length, 0))

  function draftOf<S extends Sort>(sort: S, key: string): Draft<S> | null {
    return (thingsOf(sort).find(each => each.key === key)?.draft ?? null) as Draft<S> | null
  }

  /** Sets parts of a draft. */
  function change<S extends Sort>(
    sort: S,
    key: string,
    settings: Partial<Draft<S>>,
    command: (parts: { settings: Partial<Draft<S>>; seen: Partial<Draft<S>> }) => Command,
  ): void {
    const draft = draftOf(sort, key)
    const parts = draft && changedParts<Draft<S>>(draft, settings)
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
