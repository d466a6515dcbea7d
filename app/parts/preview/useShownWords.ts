import type { ExplainedCandidate, DeliveredStep } from '../../../core/delivery/contract/pages'
import { shownWords } from '../../../core/delivery/whyWords'
import { withAlternatives } from '../../../core/rules/alternatives'
import { pickWords } from '../../../core/rules/ruleWords'
import type { Section } from '../../../core/sections/section'
import { useNames } from '../../data/useNames'

/** Says why a product is shown; of a rule, what it asks, with only those alternatives that the product passes. */
export function useShownWords(): (section: Section | null, number: number, story: DeliveredStep, candidate: ExplainedCandidate) => string {
  const names = useNames()
  return (section, number, story, candidate) => {
    const step = section?.steps[number]
    const asked =
      step?.from === 'rule'
        ? pickWords(candidate.alternatives ? withAlternatives(step.rule.pick, candidate.alternatives) : step.rule.pick, names)
        : ''
    return asked || shownWords(story, candidate, names.kind)
  }
}
