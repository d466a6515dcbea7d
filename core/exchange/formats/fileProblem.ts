/** A file that can't be taken as a whole. Nothing of it was, unless it was stopped on its way. The message is for people. */
export class FileProblem extends Error {
  readonly code: FileProblemCode

  constructor(code: FileProblemCode, message: string) {
    super(message)
    this.name = 'FileProblem'
    this.code = code
  }
}

export type FileProblemCode =
  | 'empty-file'
  | 'not-utf-8'
  | 'not-text'
  | 'missing-columns'
  | 'double-column'
  | 'bad-quotes'
  | 'unclosed-quote'
  | 'long-row'
  | 'too-many-rows'
  | 'too-large'
  | 'cancelled'
  | 'stopped'
