import type { Me } from '../../core/access/people'
import type { Person } from '../access/accessBook'
import { isDemo } from '../access/demo'
import { passkeysAt } from './passkeyQuestions'

/** What a person is told of themselves, and nobody else. */
export const meAnswer = (person: Person | null): Me => ({
  person: person && {
    id: person.id,
    name: person.name,
    colour: person.colour,
    role: person.role,
    email: person.email,
    hasPassword: person.password !== null,
  },
  demo: isDemo(),
  passkeysAt: passkeysAt(),
})
