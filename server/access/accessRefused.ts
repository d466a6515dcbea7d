/** Why a change of who may come in was not made; nothing was changed. */
const statuses = {
  'no-invitation': 404,
  'email-taken': 409,
  'unknown-person': 404,
  'last-admin': 409,
  'no-token': 404,
  'no-passkey': 404,
  'passkey-known': 409,
  'too-many-passkeys': 409,
} as const
export type AccessRefusedCode = keyof typeof statuses

export class AccessRefused extends Error {
  readonly code: AccessRefusedCode

  constructor(code: AccessRefusedCode, message: string) {
    super(message)
    this.code = code
  }

  /** Of HTTP. */
  get status(): number {
    return statuses[this.code]
  }
}
