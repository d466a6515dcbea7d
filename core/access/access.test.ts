import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Asker, Need } from './access'
import { access, idOf, needWords, refusalWords } from './access'
import { isAtLeast, roles } from './roles'
import { scopes } from './scopes'

const nobody: Asker = { kind: 'nobody' }
const guest: Asker = { kind: 'guest' }
const anyRole = fc.constantFrom(...roles)
const anyScope = fc.constantFrom(...scopes)
const anyPerson = anyRole.map((role): Asker => ({ kind: 'person', id: 'p', role }))
const anyProgram = fc.uniqueArray(anyScope).map((held): Asker => ({ kind: 'program', id: 'token:t', scopes: held }))

describe('access', () => {
  it('asks nobody of what takes nothing', () =>
    fc.assert(
      fc.property(fc.oneof(anyPerson, anyProgram, fc.constantFrom(nobody, guest)), asker => {
        expect(access('nothing', asker)).toBe('yes')
      }),
    ))

  it('lets people do what their role and those before it may, as a table written by hand says', () => {
    const table = {
      viewer: ['yes', 'forbidden', 'forbidden', 'forbidden'],
      editor: ['yes', 'yes', 'forbidden', 'forbidden'],
      publisher: ['yes', 'yes', 'yes', 'forbidden'],
      admin: ['yes', 'yes', 'yes', 'yes'],
    } as const
    for (const role of roles)
      expect(
        roles.map(need => access(need, { kind: 'person', id: 'p', role })),
        role,
      ).toEqual(table[role])
  })

  it('lets programs do what one of their scopes names, and nothing that names none', () =>
    fc.assert(
      fc.property(anyProgram, anyRole, anyScope, (program, role, scope) => {
        expect(access(role, program)).toBe('forbidden')
        const isHeld = program.kind === 'program' && program.scopes.includes(scope)
        expect(access({ role, scope }, program)).toBe(isHeld ? 'yes' : 'forbidden')
      }),
    ))

  it('lets guests look where guests may look, and asks them who they are elsewhere', () => {
    expect(access({ role: 'viewer', scope: 'draft:read', guests: true }, guest)).toBe('yes')
    expect(access({ role: 'viewer', scope: 'draft:read' }, guest)).toBe('unknown')
    expect(access('viewer', guest)).toBe('unknown')
    expect(access({ role: 'viewer', scope: 'draft:read', guests: true }, nobody)).toBe('unknown')
  })

  it('a person with more is let do no less', () =>
    fc.assert(
      fc.property(anyRole, anyRole, anyRole, (need, role, other) => {
        fc.pre(isAtLeast(other, role) && access(need, { kind: 'person', id: 'p', role }) === 'yes')
        expect(access(need, { kind: 'person', id: 'p', role: other })).toBe('yes')
      }),
    ))
})

it('says what is missing', () => {
  expect(needWords('publisher', 'editor')).toBe('This takes a publisher; you are an editor.')
  const need: Exclude<Need, 'nothing'> = { role: 'publisher', scope: 'exchange:write' }
  expect(refusalWords(need, { kind: 'person', id: 'p', role: 'viewer' })).toBe('This takes a publisher; you are a viewer.')
  expect(refusalWords(need, { kind: 'program', id: 't', scopes: [] })).toBe('This takes a token with the scope exchange:write.')
  expect(refusalWords('admin', { kind: 'program', id: 't', scopes: [] })).toBe('This takes a person who is an admin; no token allows it.')
  expect(refusalWords(need, nobody)).toBe('This is for people who are signed in, and for programs with a token.')
})

it('knows people and programs by what they are in the journal', () =>
  expect([idOf(nobody), idOf(guest), idOf({ kind: 'program', id: 'token:t', scopes: [] })]).toEqual(['nobody', 'guest', 'token:t']))
