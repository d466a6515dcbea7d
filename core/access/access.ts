import type { Role } from './roles'
import { isAtLeast } from './roles'
import type { Scope } from './scopes'

/** Whoever asks for something. */
export type Asker =
  | { kind: 'nobody' }
  | { kind: 'person'; id: string; role: Role }
  | { kind: 'program'; id: string; scopes: readonly Scope[] }
  /** Who was given the address of a draft: it opens drafts, and nothing else. */
  | { kind: 'guest' }

/** What it takes to be let do something: nothing, a role, or a role of a person or else a scope of a program. */
export type Need = 'nothing' | Role | { role: Role; scope: Scope; guests?: true }

/**
 * Whether somebody is let do something.
 * @returns yes; `unknown`: not before saying who one is; `forbidden`: not with what one may do
 */
export function access(need: Need, asker: Asker): 'yes' | 'unknown' | 'forbidden' {
  if (need === 'nothing') return 'yes'
  const { role, scope, guests } = typeof need === 'string' ? { role: need, scope: null, guests: false } : { guests: false, ...need }
  switch (asker.kind) {
    case 'nobody':
      return 'unknown'
    case 'person':
      return isAtLeast(asker.role, role) ? 'yes' : 'forbidden'
    case 'program':
      return scope !== null && asker.scopes.includes(scope) ? 'yes' : 'forbidden'
    case 'guest':
      return guests ? 'yes' : 'unknown'
  }
}

/** What somebody is known by in the journal. */
export const idOf = (asker: Asker): string => ('id' in asker ? asker.id : asker.kind)

/** What is missing to a role, as a sentence. */
export const needWords = (needed: Role, role: Role) => `This takes ${article[needed]} ${needed}; you are ${article[role]} ${role}.`

/** What is missing to somebody who is not let do something, as a sentence. */
export function refusalWords(need: Exclude<Need, 'nothing'>, asker: Asker): string {
  const { role, scope } = typeof need === 'string' ? { role: need, scope: null } : need
  if (asker.kind === 'person') return needWords(role, asker.role)
  if (asker.kind !== 'program') return 'This is for people who are signed in, and for programs with a token.'
  return scope ? `This takes a token with the scope ${scope}.` : `This takes a person who is ${article[role]} ${role}; no token allows it.`
}

const article: Record<Role, string> = { viewer: 'a', editor: 'an', publisher: 'a', admin: 'an' }
