import type { Trait } from '../catalogue/traits'
import type { LookBook } from '../looks/lookBook'
import { lookProblems } from '../looks/lookProblems'
import type { KnownTraits } from '../rules/ruleProblems'
import { isReversed } from '../rules/ruleProblems'
import { counted, listed } from '../text/sentence'
import { isNever } from '../time/moment'
import type { FillStep } from '../fillSteps/fillStep'
import { stepTypeOf } from '../fillSteps/fillStep'
import type { KnownToSteps } from '../fillSteps/fillStepType'
import { tokensOf } from '../text/tokens'
import { headingTokens } from './headings'
import type { LeaveOut, Section } from './section'

/** Something that keeps a section from showing what it seems to show. */
export interface SectionProblem {
  /** Number of the fill step that it is about, counted from 0; null: the section as a whole. */
  step: number | null
  /** Where in the step's rule. */
  path?: string
  /** It is about what the section looks like. */
  of?: 'look'
  words: string
}

/** What sections may speak of. */
export interface KnownThings extends KnownToSteps {
  looks: LookBook
  /** Where the days of dates are meant. */
  timeZone: string
}

/** What is wrong with a section, step by step, then as a whole. Pages go on without what can't be found. */
export function sectionProblems(section: Section, known: KnownThings): SectionProblem[] {
  const { steps, minimum, places, priceBand, from, until, leaveOut } = section
  const whole = [
    ...(steps.every(step => step.off) ? ['All its steps are switched off, so it shows nothing anywhere.'] : []),
    ...(minimum > places
      ? [`It is hidden under ${counted(minimum, 'product')}, and has ${counted(places, 'place')}: it never shows.`]
      : []),
    ...(priceBand && isReversed(priceBand) ? [`No price is from ${priceBand.from} % to ${priceBand.to} % of another: swap the two.`] : []),
    ...(from && until && isNever(from, until, known.timeZone) ? ['It begins after it has ended, so it never shows.'] : []),
    ...(section.layout === 'tiles' && !steps.some(step => stepTypeOf(step).categories)
      ? ['Tiles show categories, and none of its steps finds any. Add a step of related categories, or choose another layout.']
      : []),
    ...headingProblems(section),
    ...goneFrom(leaveOut, known).map(words => `It leaves out ${words}, which no product is any more.`),
  ]
  return [
    ...steps.flatMap((step, i) => stepProblems(step, known).map(problem => ({ step: i, ...problem }))),
    ...whole.map(words => ({ step: null, words })),
    ...lookWords(section, known.looks).map(words => ({ step: null, of: 'look' as const, words })),
  ]
}

function lookWords({ look }: Section, looks: LookBook): string[] {
  return [
    ...(looks.has(look.preset) ? [] : [`Its look “${look.preset}” is gone. It looks like the shop itself.`]),
    ...lookProblems(looks.partsOf(look), looks.page).map(each => each.words),
  ]
}

function headingProblems({ heading, otherHeadings }: Section): string[] {
  const all = [...Object.values(heading), ...Object.values(otherHeadings.one), ...Object.values(otherHeadings.without)]
  const unknown = new Set(all.flatMap(tokensOf).filter(name => !(headingTokens as readonly string[]).includes(name)))
  const isFilled = [heading, otherHeadings.one].some(each => Object.values(each).some(words => tokensOf(words).length))
  return [
    ...Array.from(
      unknown,
      name => `“{${name}}” in the heading stands for nothing. There are ${listed(headingTokens.map(each => `{${each}}`))}.`,
    ),
    ...(all.some(words => /<[a-z/!]/i.test(words))
      ? ['Shoppers see the “<” of the heading as it is written: headings have no markup.']
      : []),
    ...(isFilled && !Object.values(otherHeadings.without).some(Boolean)
      ? ['Where a word of the heading has no value, it is left out. Say what stands there instead.']
      : []),
  ]
}

const stepProblems = (step: FillStep, known: KnownThings) => stepTypeOf(step).problems?.(step, known) ?? []

function goneFrom({ categories, tags, brands }: LeaveOut, known: KnownTraits): string[] {
  const traits = [
    ...categories.map((name): Trait => ({ of: 'category', name })),
    ...brands.map((name): Trait => ({ of: 'brand', name })),
    ...tags.map((name): Trait => ({ of: 'tag', name })),
  ]
  return traits.filter(trait => !known.isKnown(trait)).map(({ of, name }) => `the ${of} “${name}”`)
}
