import type { KindsAnswer } from '../../core/workbench/workbench'
import { textIn } from '../../core/text/text'
import { useShop } from '../running/useShop'

/** What stands behind each kind of link. */
export default api('viewer', async (): Promise<KindsAnswer> => {
  const { shop } = await useShop()
  const { language } = shop.settings
  const sections = (kind: string) =>
    [...shop.sections.values()].filter(section => section.steps.some(step => step.from === 'links' && step.kind === kind))
  return Object.fromEntries(
    Array.from(shop.kinds.keys(), key => [
      key,
      {
        ...shop.links.extentOf(key),
        sections: [...new Set(sections(key).map(section => textIn(section.heading, language, language)))],
      },
    ]),
  )
})
