import type { KindsAnswer } from '../../core/bench/bench'
import { textIn } from '../../core/text/text'
import { useShop } from '../engine/useShop'

/** What stands behind each kind of link. */
export default api(async (): Promise<KindsAnswer> => {
  const { shop } = await useShop()
  const { language } = shop.settings
  const sections = (kind: string) => [...shop.sections.values()].filter(section => section.steps.some(step => step.from === 'links' && step.kind === kind))
  return Object.fromEntries(Array.from(shop.kinds.keys(), key => [key, {
    ...shop.links.extentOf(key),
    sections: [...new Set(sections(key).map(section => textIn(section.heading, language, language)))],
  }]))
})
