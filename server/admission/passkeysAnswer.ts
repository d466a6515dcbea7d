import type { PasskeyShown } from '../../core/access/people'
import type { Passkey } from '../access/passkeys'

/** What somebody is told of their passkeys. */
export const passkeysAnswer = (passkeys: readonly Passkey[]): { passkeys: PasskeyShown[] } => ({
  passkeys: passkeys.map(({ id, device, made, used }) => ({ id, device, made, used })),
})
