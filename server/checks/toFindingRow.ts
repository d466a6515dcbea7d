import { groupsOf } from '../../core/catalogue/bundle'
import type { Check, Finding } from '../../core/checks/check'
import { isBundleCheck, isProductCheck } from '../../core/checks/check'
import type { FindingRow } from '../../core/studio/checkAnswers'
import type { FindingShop } from '../../core/checks/findingWords'
import { findingWords, sectionFindingWords } from '../../core/checks/findingWords'
import type { SectionFinding } from '../../core/checks/sectionFindings'
import { imageOf } from '../../core/catalogue/product'
import { itemName } from '../../core/delivery/deliveredItem'
import { formatMoney } from '../../core/money/money'
import { textIn } from '../../core/text/text'
import type { LiveShop } from '../live/liveShop'

/** A finding as the studio shows it. @param onSection the details of one on a section, when they are known */
export function toFindingRow(finding: Finding, shop: LiveShop, onSection?: SectionFinding): FindingRow {
  const thing = isProductCheck(finding.check) ? productThing : sectionThing
  const sectionWords = onSection ? sectionFindingWords(onSection) : goneWords(finding.source, shop)
  return {
    finding: { check: finding.check, source: finding.source, kind: finding.kind, target: finding.target },
    source: thing(finding.source, shop),
    target: finding.target ? (groupThing(finding, shop) ?? thing(finding.target, shop)) : null,
    words: isProductCheck(finding.check) ? findingWords(finding, wordsOf(shop)) : sectionWords,
    share: onSection?.whole && hasShare.has(finding.check) ? onSection.part / onSection.whole : null,
    reason: shop.putAside.reason(finding),
  }
}

const goneWords = (section: string, { sections }: LiveShop) => (sections.has(section) ? '' : 'no longer in the shop')

/** What a bar can show: how much of something is amiss. */
const hasShare: ReadonlySet<Check> = new Set(['sectionBlank', 'sectionThin', 'ruleNearlyAll'])

/** A group of a bundle; null: the finding is about something else. */
function groupThing({ check, source, target }: Finding, shop: LiveShop): FindingRow['target'] {
  const bundle = isBundleCheck(check) ? shop.catalogue.product(source)?.bundle : undefined
  const group = bundle && groupsOf(bundle).find(each => each.key === target)
  return group ? { key: target, name: textIn(group.name, shop.settings.language, shop.settings.language) || target, image: null } : null
}

function productThing(sku: string, shop: LiveShop): FindingRow['source'] {
  const item = shop.catalogue.item(sku)
  const { language } = shop.settings
  return {
    key: sku,
    name: item ? itemName(item, text => textIn(text, language, language)) || sku : sku,
    image: item ? imageOf(item.product, item.variant) : null,
  }
}

function sectionThing(key: string, shop: LiveShop): FindingRow['source'] {
  const { language } = shop.settings
  return { key, name: textIn(shop.sections.get(key)?.heading ?? {}, language, language) || key, image: null }
}

function wordsOf(shop: LiveShop): FindingShop {
  const { language, currency, timeZone } = shop.settings
  return {
    catalogue: shop.catalogue,
    links: shop.links,
    kinds: shop.kinds,
    timeZone,
    money: amount => formatMoney(amount, currency, language),
    plural: kind => textIn(kind.plural, language, language),
  }
}
