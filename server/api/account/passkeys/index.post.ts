import { passkeyAnswerSchema } from '../../../../core/access/people'
import { madePasskey } from '../../../admission/passkeyQuestions'
import { passkeysAnswer } from '../../../admission/passkeysAnswer'
import { deviceOf } from '../../../admission/signedIn'
import { themselves } from '../../../admission/themselves'

/** Keeps a passkey that one's browser has made. */
export default api('viewer', async (event, asker) => {
  const answer = await bodyOf(event, passkeyAnswerSchema)
  const { access, person } = await themselves(asker)
  const { id, ...passkey } = await madePasskey(person, answer)
  await access.passkeys.add(id, { ...passkey, device: deviceOf(getHeader(event, 'user-agent') ?? '') })
  return passkeysAnswer(access.passkeys.of(person.id))
})
