import type { BundleSettings } from '../../bundles/bundleSettings'
import { settingsOf } from '../../bundles/bundleSettings'
import { bundleDifferences } from '../../bundles/bundleWords'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { CommandError } from '../../journal/commandError'
import { namesIn } from '../../journal/names'
import { listed } from '../../text/sentence'
import { textIn } from '../../text/text'
import { ChangedTogether } from '../../journal/record'
import type { ProductChange } from '../products/productRecord'
import { productRecord } from '../products/productRecord'
import { planBundles } from './planBundles'
import type { BundleCommand } from './bundleCommandSchema'
import { bundleCommandSchema } from './bundleCommandSchema'

function plan(command: BundleCommand, context: CommandContext): ProductChange[] {
  const changes = planBundles(command, context)
  const use = command.type === 'removeBundle' ? productRecord.usedBy!(changes[0]!, context.shop, new ChangedTogether(changes)) : null
  if (use) throw new CommandError('in-use', `This bundle can’t be removed: ${use.words} Nothing was changed.`, [use.about])
  return changes
}

export const bundleCommands: CommandGroup<typeof bundleCommandSchema> = {
  schema: bundleCommandSchema,
  // Shoppers get it at once.
  role: () => 'publisher',
  needs: ({ sku }) => ({ product: sku }),
  plan,
  words: bundleCommandWords,
}

function bundleCommandWords(command: BundleCommand, context: CommandContext, language: string): string {
  const { name, text } = namesIn(context, language)
  switch (command.type) {
    case 'addBundle':
      return `Added the bundle “${text(command.name)}”`
    case 'changeBundle':
      return changeWords(command, settingsOf(context.stored()!), language)
    case 'removeBundle':
      return `Removed the bundle “${name(command.sku)}”`
  }
}

const statusWords = {
  active: (words: string) => `Made ${words} active`,
  retired: (words: string) => `Retired ${words}`,
  draft: (words: string) => `Made ${words} a draft again`,
}

function changeWords(
  { sku: key, settings }: Extract<BundleCommand, { type: 'changeBundle' }>,
  before: BundleSettings,
  language: string,
): string {
  const after = { ...before, ...settings }
  const words = `the bundle “${textIn(after.name, language, language) || key}”`
  const changed = bundleDifferences(before, after)
  if (changed.length === 1 && after.status !== before.status) return statusWords[after.status](words)
  return `Changed ${listed(changed) || 'nothing'} of ${words}`
}
