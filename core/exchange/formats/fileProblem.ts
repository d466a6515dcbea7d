/** A file that can't be taken as a whole. Nothing of it was. The message is for people. */
export class FileProblem extends Error {
  readonly code: FileProblemCode

  constructor(code: FileProblemCode, message: string) {
    super(message)
    this.name = 'FileProblem'
    this.code = code
  }
}

export type FileProblemCode =
  | 'emptyFile' | 'notUtf8' | 'notText' | 'missingColumns' | 'doubleColumn' | 'badQuotes' | 'unclosedQuote' | 'longRow' | 'tooManyRows' | 'tooLarge' | 'cancelled'
