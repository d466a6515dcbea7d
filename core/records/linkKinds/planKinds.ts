import type { KindSettings, LinkKind } from '../../links/kind'
import { keyFor } from '../../text/keyFor'
import type { KindCommand } from './kindCommandSchema'
import type { KindChange, KindOrderChange } from './kindRecords'
import { CommandError } from '../../journal/commandError'

/**
 * Works out what a command on kinds of links does.
 * @param kinds all kinds in their order
 * @throws CommandError when it can't be carried out as asked
 */
export function planKinds(command: KindCommand, kinds: readonly LinkKind[]): (KindChange | KindOrderChange)[] {
  switch (command.type) {
    case 'addKind': {
      checkNames(command.settings, null, kinds)
      const key = keyFor(Object.values(command.settings.name)[0] ?? '', taken => kinds.some(each => each.key === taken), 'kind')
      return [kindChange(null, { key, ...command.settings, retired: false }), orderChange(kinds, [...kinds.map(each => each.key), key])]
    }
    case 'changeKind': {
      const before = kindWith(command.key, kinds)
      const after = { ...before, ...command.settings }
      checkNames(after, before.key, kinds)
      return [kindChange(before, after)]
    }
    case 'orderKinds': {
      for (const key of command.order) kindWith(key, kinds)
      const placeOf = (key: string) => (command.order.includes(key) ? command.order.indexOf(key) : command.order.length)
      return [
        orderChange(
          kinds,
          kinds.map(each => each.key).toSorted((a, b) => placeOf(a) - placeOf(b)),
        ),
      ]
    }
    case 'retireKind': {
      const before = kindWith(command.key, kinds)
      if (!kinds.some(each => each !== before && !each.retired))
        throw new CommandError('last-kind', 'One kind has to stay: without any, nothing can be linked.', [command.key])
      return [kindChange(before, { ...before, retired: true })]
    }
    case 'restoreKind': {
      const before = kindWith(command.key, kinds)
      return [kindChange(before, { ...before, retired: false })]
    }
  }
}

const kindChange = (before: LinkKind | null, after: LinkKind): KindChange => ({ of: 'kind', owner: '', key: after.key, before, after })
const orderChange = (kinds: readonly LinkKind[], after: readonly string[]): KindOrderChange => ({
  of: 'kindOrder',
  owner: '',
  key: '',
  before: kinds.map(each => each.key),
  after,
})

function kindWith(key: string, kinds: readonly LinkKind[]): LinkKind {
  const kind = kinds.find(each => each.key === key)
  if (!kind) throw new CommandError('unknown-kind', `There is no link kind “${key}”.`, [key])
  return kind
}

/** Two kinds, or two lanes, of one name could not be told apart. */
function checkNames({ name, plural }: Pick<KindSettings, 'name' | 'plural'>, key: string | null, kinds: readonly LinkKind[]): void {
  for (const part of ['name', 'plural'] as const) {
    for (const [language, words] of Object.entries({ name, plural }[part])) {
      const same = kinds.find(each => each.key !== key && each[part][language]?.trim().toLowerCase() === words.trim().toLowerCase())
      if (same)
        throw new CommandError(
          'kind-name-taken',
          `${same.retired ? 'A retired kind' : 'Another kind'} is called “${words.trim()}” already.`,
          [same.key],
        )
    }
  }
}
