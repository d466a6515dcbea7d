import type { AccessBook } from './accessBook'
import { adminTokenId } from './adminToken'

/** What is no person's doing. */
const others: Record<string, string> = { [adminTokenId]: 'the admin token', 'schedule': 'as planned', 'demo-shop': 'the demo' }

/** Who made a change, by what the journal has of them; null: somebody from before people signed in. */
export function nameOf(editor: string, access: Pick<AccessBook, 'shown' | 'tokens'>): string | null {
  const token = access.tokens.all.find(each => editor === `token:${each.id}`)
  return access.shown(editor)?.name ?? (token ? `the program ${token.name}` : (others[editor] ?? null))
}
