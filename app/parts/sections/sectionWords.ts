import { mapValues } from 'es-toolkit'
import { pageTypes } from '../../../core/pageTypes/registry'
import { plainLook } from '../../../core/looks/look'
import { displayFor } from '../../../core/sections/display'
import { leaveOutNothing, noOtherHeadings, plainButtons } from '../../../core/sections/section'
import type { SectionSettings } from '../../../core/sections/section'
import { guardSchema } from '../../../core/sections/section'

/** Kinds of pages and their zones as people call them. */
export const pageWords = mapValues(pageTypes, each => each.words)
const zoneNames: Record<string, string> = Object.assign({}, ...Object.values(pageTypes).map(each => each.zones))
export const zoneWords = (zone: string) => zoneNames[zone] ?? zone

/** What a new section begins with: hand-picked links, and every guard that needs no numbers. */
export const newSection = (language: string, kind: string): SectionSettings => ({
  internalName: '',
  heading: { [language]: 'New section' },
  otherHeadings: noOtherHeadings,
  layout: 'grid',
  display: displayFor('grid'),
  look: plainLook,
  buttons: plainButtons,
  steps: [{ from: 'links', kind, order: 'hand', subjects: 'page', cap: null, off: false }],
  takeTurns: false,
  guards: guardSchema.options,
  priceBand: null,
  leaveOut: leaveOutNothing,
  lowestMargin: null,
  places: 4,
  minimum: 1,
  off: false,
  from: null,
  until: null,
})
