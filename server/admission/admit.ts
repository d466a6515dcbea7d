import type { H3Event } from 'h3'
import type { Asker, Need } from '../../core/access/access'
import { access, refusalWords } from '../../core/access/access'
import { Problem } from '../utils/problem'
import { askerOf } from './askerOf'

/**
 * Who asks, if they are let do what they ask for.
 * @throws Problem with 401 when it is not known who asks, with 403 when they may not
 */
export async function admit(event: H3Event, need: Need): Promise<Asker> {
  if (need === 'nothing') return { kind: 'nobody' }
  const asker = await askerOf(event)
  refuseUnless(access(need, asker), need, asker)
  return asker
}

/** @throws Problem unless somebody is let */
export function refuseUnless(answer: ReturnType<typeof access>, need: Exclude<Need, 'nothing'>, asker: Asker): void {
  switch (answer) {
    case 'yes':
      return
    case 'unknown':
      throw new Problem(401, 'sign-in', 'Sign in first', refusalWords(need, asker))
    case 'forbidden':
      throw new Problem(403, 'not-allowed', 'Not allowed', refusalWords(need, asker))
  }
}
