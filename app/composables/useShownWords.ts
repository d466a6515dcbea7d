import type { ExplainedCandidate, StepStory } from '../../core/delivery/contract'
import { shownWords } from '../../core/delivery/whyWords'
import { pickWords } from '../../core/rules/ruleWords'
import type { Section } from '../../core/sections/section'

/** Says why a product is shown; of a rule, what the rule asks. */
export function useShownWords(): (section: Section | null, number: number, story: StepStory, candidate: ExplainedCandidate) => string {
  const names = useNames()
  return (section, number, story, candidate) => {
    const step = section?.steps[number]
    const asked = step?.from === 'rule' ? pickWords(step.rule.pick, names) : ''
    return asked || shownWords(story, candidate, names.kind)
  }
}
