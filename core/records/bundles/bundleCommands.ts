import type { BundleSettings } from '../../bundles/bundleSettings'
import { bundleDifferences } from '../../bundles/bundleWords'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { CommandError } from '../../journal/commandError'
import { namesIn } from '../../journal/names'
import { listed } from '../../text/sentence'
import { textIn } from '../../text/text'
import { ChangedTogether } from '../../journal/record'
import { planBundles } from './planBundles'
import type { BundleCommand } from './bundleCommandSchema'
import type { BundleChange } from './bundleRecord'
import { bundleRecord } from './bundleRecord'
import { bundleCommandSchema } from './bundleCommandSchema'

function plan(command: BundleCommand, context: CommandContext): BundleChange[] {
  const { shop } = context
  const changes = planBundles(command, { ...context, unitsSold: sku => shop.unitsSold(sku) })
  const use = command.type === 'removeBundle' && bundleRecord.usedBy!(changes[0]!, shop, new ChangedTogether(changes))
  if (use) throw new CommandError('in-use', `This bundle can’t be removed: ${use.words} Nothing was changed.`, [use.about])
  return changes
}

export const bundleCommands: CommandGroup<typeof bundleCommandSchema> = {
  schema: bundleCommandSchema,
  plan,
  words: bundleCommandWords,
}

function bundleCommandWords(command: BundleCommand, context: CommandContext, language: string): string {
  const { name, text } = namesIn(context, language)
  switch (command.type) {
    case 'addBundle':
      return `Added the bundle “${text(command.name)}”`
    case 'changeBundle':
      return changeWords(command, context.versions.bundles.get(command.sku)!.draft!, language)
    case 'removeBundle':
      return `Removed the bundle “${name(command.sku)}”`
  }
}

const statusWords = {
  active: (words: string) => `Made ${words} active again`,
  retired: (words: string) => `Retired ${words}`,
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
