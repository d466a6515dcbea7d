/** Why a command was refused. */
export type CommandErrorCode =
  | 'under-way'
  | 'stopped'
  | 'not-kept'
  | 'unknown-product'
  | 'unknown-kind'
  | 'unknown-token'
  | 'unknown-category'
  | 'unknown-brand'
  | 'unknown-section'
  | 'unknown-plan'
  | 'unknown-look'
  | 'unknown-zone'
  | 'unknown-article'
  | 'source-is-variant'
  | 'target-is-variant'
  | 'not-on-pages'
  | 'self-link'
  | 'already-linked'
  | 'retired-target'
  | 'not-linked'
  | 'no-such-place'
  | 'dates-reversed'
  | 'retired-kind'
  | 'kind-name-taken'
  | 'products-stand'
  | 'no-own-language'
  | 'last-kind'
  | 'in-use'
  | 'unknown-offer'
  | 'unknown-text'
  | 'offer-changed'
  | 'sku-taken'
  | 'unknown-bundle'
  | 'bundle-changed'
  | 'bundle-in-itself'
  | 'bundle-in-use'
  | 'lane-changed'
  | 'section-changed'
  | 'plan-changed'
  | 'look-changed'
  | 'look-in-use'
  | 'house-look'
  | 'default-plan'
  | 'other-page'
  | 'unknown-release'
  | 'unknown-schedule'
  | 'not-in-plan'
  | 'no-offers-here'
  | 'nothing-to-publish'
  | 'cannot-be-published'
  | 'must-stay'
  | 'no-mend'
  | 'nothing-to-undo'
  | 'nothing-to-redo'
  | 'changed-since'
  | 'no-such-entry'
  | 'not-in-force'
  | 'not-allowed'

/** A command that can't be carried out. Nothing was changed. The message is for people. */
export class CommandError extends Error {
  readonly code: CommandErrorCode
  /** The SKUs or keys that are at fault. */
  readonly about: string[]

  constructor(code: CommandErrorCode, message: string, about: string[] = []) {
    super(message)
    this.name = 'CommandError'
    this.code = code
    this.about = about
  }
}
