import type { SectionsAnswer } from '../../../core/studio/sectionAnswers'
import { sectionProblems } from '../../../core/sections/sectionProblems'
import { useShop } from '../../running/useShop'
import { knownThings } from '../../sections/knownThings'

/** All sections, page plans and looks, live and as drafts, with what is wrong with them. */
export default api('viewer', async (): Promise<SectionsAnswer> => {
  const { shop } = await useShop()
  const known = knownThings(shop)
  return {
    sections: [...shop.versions.sections].map(([key, { live, draft }]) => ({
      key,
      live,
      draft,
      problems: draft ? sectionProblems(draft, known) : [],
    })),
    plans: [...shop.versions.plans].map(([key, { live, draft }]) => ({ key, live, draft })),
    looks: [...shop.versions.looks].map(([key, { live, draft }]) => ({ key, live, draft })),
    attributes: [...shop.finder.postings.attributeValues.keys()].sort(),
  }
})
