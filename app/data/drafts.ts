import { isEqual } from 'es-toolkit'
import type { BrandMarkCommand } from '../../core/records/brandMarks/brandMarkCommandSchema'
import type { LookCommand } from '../../core/records/looks/lookCommandSchema'
import type { PlanCommand } from '../../core/records/pagePlans/planCommandSchema'
import type { ReleaseCommand } from '../../core/records/releases/releaseCommandSchema'
import type { SectionCommand } from '../../core/records/sections/sectionCommandSchema'
import type { Look, LookSettings } from '../../core/looks/look'
import { LookBook } from '../../core/looks/lookBook'
import type { PagePlan, PlanSettings } from '../../core/pagePlans/pagePlan'
import type { Section, SectionSettings } from '../../core/sections/section'
import type { SectionsAnswer } from '../../core/studio/sectionAnswers'
import { sectionsAnswerSchema } from '../../core/studio/sectionAnswers'
import { isUnpublished } from '../../core/sections/versions'
import { callApi } from './callApi'
import { useSending } from './sending'

type DraftCommand = SectionCommand | PlanCommand | LookCommand | BrandMarkCommand | ReleaseCommand

/** All sections, page plans and looks. Edits of a draft show at once and are sent one after another. */
export const useDrafts = defineStore('drafts', () => {
  const answer = shallowRef<SectionsAnswer | null>(null)
  const sections = computed(() => answer.value?.sections ?? [])
  const plans = computed(() => answer.value?.plans ?? [])
  const looks = computed(() => answer.value?.looks ?? [])
  /** The looks as they will be after publishing. */
  const lookBook = computed(() => new LookBook(looks.value.flatMap(each => each.draft ?? [])))
  /** Keys of what shoppers don't get yet. */
  const unpublished = computed(() => ({
    sections: sections.value.filter(each => isUnpublished(each)).map(each => each.key),
    plans: plans.value.filter(each => isUnpublished(each)).map(each => each.key),
    looks: looks.value.filter(each => isUnpublished(each)).map(each => each.key),
  }))
  const unpublishedCount = computed(
    () => unpublished.value.sections.length + unpublished.value.plans.length + unpublished.value.looks.length,
  )
  /** Grows with every change of any draft, so that what follows from drafts can follow. */
  const edition = ref(0)

  async function load(): Promise<void> {
    const fetched = await newest(() => callApi(sectionsAnswerSchema, '/api/sections'))
    if (!fetched) return
    answer.value = fetched
    edition.value++
  }
  const { newest, send, sendAndTell } = useSending(load)

  /** Sets parts of a section's draft. */
  function change(key: string, settings: Partial<SectionSettings>): void {
    const draft = draftOf(key)
    if (!draft) return
    const parts = Object.entries(settings).filter(([part, value]) => !isEqual(draft[part as keyof Section], value))
    if (!parts.length) return
    const seen = Object.fromEntries(parts.map(([part]) => [part, draft[part as keyof Section]]))
    answer.value = {
      ...answer.value!,
      sections: sections.value.map(each => (each.key === key ? { ...each, draft: { ...draft, ...settings } } : each)),
    }
    void send({ type: 'changeSection', key, settings: Object.fromEntries(parts), seen })
  }

  /** Sets parts of a plan's draft. */
  function changePlan(key: string, settings: Partial<PlanSettings>): void {
    const draft = planDraftOf(key)
    if (!draft) return
    const seen = Object.fromEntries(Object.keys(settings).map(part => [part, draft[part as keyof PagePlan]]))
    answer.value = {
      ...answer.value!,
      plans: plans.value.map(each => (each.key === key ? { ...each, draft: { ...draft, ...settings } } : each)),
    }
    void send({ type: 'changePlan', key, settings, seen })
  }

  /** Sets parts of a look's draft. */
  function changeLook(key: string, settings: Partial<LookSettings>): void {
    const draft = lookDraftOf(key)
    if (!draft) return
    const seen = Object.fromEntries(Object.keys(settings).map(part => [part, draft[part as keyof Look]]))
    answer.value = {
      ...answer.value!,
      looks: looks.value.map(each => (each.key === key ? { ...each, draft: { ...draft, ...settings } } : each)),
    }
    void send({ type: 'changeLook', key, settings, seen })
  }

  const lookDraftOf = (key: string): Look | null => looks.value.find(each => each.key === key)?.draft ?? null
  const planDraftOf = (key: string): PagePlan | null => plans.value.find(each => each.key === key)?.draft ?? null
  const draftOf = (key: string): Section | null => sections.value.find(each => each.key === key)?.draft ?? null

  /** The plans that have a section, with the zone it stands in. */
  function placesOf(key: string): { plan: PagePlan; zone: string; off: boolean }[] {
    return plans.value.flatMap(({ draft }) =>
      draft
        ? draft.zones
            .filter(zone => zone.sections.includes(key))
            .map(zone => ({ plan: draft, zone: zone.key, off: draft.off.includes(key) }))
        : [],
    )
  }

  /** Sends what adds a thing. Returns its key; null when it was refused. */
  async function added(command: DraftCommand, things: () => readonly { key: string }[]): Promise<string | null> {
    const before = new Set(things().map(each => each.key))
    return (await sendAndTell(command)) ? (things().find(each => !before.has(each.key))?.key ?? null) : null
  }
  const add = (settings: SectionSettings) => added({ type: 'addSection', settings }, () => sections.value)
  const addLook = (settings: LookSettings) => added({ type: 'addLook', settings }, () => looks.value)
  const addPlan = (plan: Omit<Extract<PlanCommand, { type: 'addPlan' }>, 'type'>) => added({ type: 'addPlan', ...plan }, () => plans.value)

  /** The sections that have a look, as drafts. */
  const sectionsWith = (look: string): Section[] => sections.value.flatMap(({ draft }) => (draft?.look.preset === look ? draft : []))

  return {
    answer,
    sections,
    plans,
    looks,
    lookBook,
    unpublished,
    unpublishedCount,
    edition,
    load,
    send,
    sendAndTell,
    change,
    changePlan,
    changeLook,
    draftOf,
    planDraftOf,
    lookDraftOf,
    placesOf,
    sectionsWith,
    add,
    addPlan,
    addLook,
  }
})
