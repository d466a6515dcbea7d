import type { H3Event } from 'h3'
import type { Confirmation } from '../../core/access/people'
import type { AccessBook, Person } from '../access/accessBook'
import { clientAddress } from '../http/clientAddress'
import { Problem } from '../utils/problem'
import { provenPasskey } from './passkeyQuestions'
import { trying } from './tries'

/** @throws Problem when it is not the password that somebody who is signed in has */
export async function confirmPassword(event: H3Event, { email, password }: Person, given: string): Promise<void> {
  const isRight = password && (await trying(email, clientAddress(event.node.req), () => verifyPassword(password, given)))
  if (!isRight) throw new Problem(403, 'wrong-password', 'Not your password', 'The password that you have now is another one.')
}

/** @throws Problem when somebody who is signed in has not shown that it is them */
export async function confirmThemselves(event: H3Event, access: AccessBook, person: Person, confirmation: Confirmation): Promise<void> {
  if ('password' in confirmation) return confirmPassword(event, person, confirmation.password)
  const { passkey: answer } = confirmation
  const own = access.passkeys.of(person.id).find(each => each.id === answer.response.id) ?? null
  access.passkeys.used(answer.response.id, await provenPasskey(own, answer, person.id))
}
