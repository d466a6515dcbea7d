import type { Check } from '../core/checks/check'
import type { Command } from '../core/records/registry'
import type { PageKind } from '../core/pageTypes/registry'

const aside = (section: string, page: PageKind, checks: Check[], reason: string): Command => ({
  type: 'putAside',
  findings: checks.map(check => ({ check, source: section, kind: page, target: '' })),
  reason,
})

/** What the checks find and the demo's merchandiser means to be so. */
export const checkCommands: Command[] = [
  aside('bundles-with-it', 'product', ['sectionBlank', 'sectionThin'], 'Most products are in no set, or in one.'),
  aside('upsells', 'product', ['sectionBlank', 'sectionThin'], 'Nothing stands above the best of its kind.'),
  aside(
    'more-from-the-same-workshop',
    'product',
    ['sectionBlank', 'sectionThin'],
    'Some workshops make only a few things, and sets are of none.',
  ),
  aside('article-products', 'article', ['sectionThin'], 'It shows what the article names, and no more.'),
  aside('related-categories', 'category', ['sectionThin'], 'Some shelves have only a few beside them.'),
  aside('from-the-shelves-beside-this-one', 'category', ['sectionThin'], 'Some shelves have only a few beside them.'),
]
