import type { ChangeOf } from '../../journal/record'
import type { Section } from '../../sections/section'
import { upgradeSection } from '../../sections/upgradeSection'
import type { Versions } from '../../sections/versions'
import { decidesWhatIsShown, draftedRecord } from '../drafts/draftedRecord'

/** Recommendation sections. */
export const sectionRecord = draftedRecord<'section', Section>(
  { of: 'section', called: 'the same section', counting: decidesWhatIsShown() },
  upgradeSection,
)
export type SectionChange = ChangeOf<'section', Versions<Section> | null>
