import type { H3Event } from 'h3'
import { ZodError } from 'zod'
import type { CommandErrorCode } from '../../core/journal/commandError'
import { CommandError } from '../../core/journal/commandError'
import type { ProblemDetails } from '../../core/delivery/contract/problem'
import { AccessRefused } from '../access/accessRefused'
import { NotWrittenError } from '../store/port'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import { UnknownSubjectError } from '../../core/selection/shop'
import { AmountTooLargeError } from '../../core/money/money'
import { NoRoomError } from '../pictures/pictureFolder'
import { log } from '../log'

/** An answer in the form of RFC 9457, "Problem Details for HTTP APIs". */
export class Problem extends Error {
  readonly details: ProblemDetails
  /** Seconds after which it may be asked for again; null: at once, or never. */
  readonly retryAfter: number | null

  constructor(
    status: number,
    code: Lowercase<string>,
    title: string,
    detail: string,
    about: string[] = [],
    retryAfter: number | null = null,
  ) {
    super(detail)
    this.retryAfter = retryAfter
    this.details = { type: `urn:manada:problem:${code}`, title, status, detail, ...(about.length && { about }) }
  }
}

export function answerProblem(event: H3Event, { details, retryAfter }: Problem): ProblemDetails {
  setResponseStatus(event, details.status)
  if (retryAfter !== null) setResponseHeader(event, 'retry-after', retryAfter)
  if (details.status === 401) setResponseHeader(event, 'www-authenticate', 'Bearer')
  setResponseHeader(event, 'content-type', 'application/problem+json')
  setResponseHeader(event, 'cache-control', 'no-store')
  return details
}

/** What any error is to whoever asked. */
export function toProblem(error: unknown, method: string): Problem {
  if (error instanceof Problem) return error
  if (error instanceof CommandError)
    return new Problem(commandStatus[error.code], error.code, 'This can’t be done', error.message, error.about)
  if (error instanceof FileProblem)
    return new Problem(error.code === 'too-large' ? 413 : 422, error.code, 'This file can’t be taken', error.message)
  if (error instanceof AccessRefused) return new Problem(error.status, error.code, 'This can’t be done', error.message)
  if (error instanceof NoRoomError) return new Problem(507, 'no-room', 'This file can’t be taken', error.message)
  if (error instanceof AmountTooLargeError) return new Problem(422, 'too-much', 'This can’t be priced', error.message)
  if (error instanceof UnknownSubjectError) return new Problem(404, 'unknown-subject', 'Not found', error.message, [error.subject])
  if (error instanceof ZodError) {
    const issues = error.issues.map(issue => [issue.path.join('.'), issue.message].filter(Boolean).join(': '))
    return new Problem(
      400,
      'malformed',
      'The request is malformed',
      issues.join(' '),
      error.issues.map(issue => issue.path.join('.')),
    )
  }
  const { code } = error as NodeJS.ErrnoException
  const reason = error instanceof NotWrittenError ? error.reason : (unwritable[code ?? ''] ?? null)
  if (reason) {
    log.error({ reason }, 'Nothing can be written.')
    return cannotWrite[reason]
  }
  log.error(error)
  const isRead = method === 'GET' || method === 'HEAD'
  if (isRead || error instanceof NotWrittenError)
    return new Problem(
      500,
      'internal',
      'Something went wrong in Manada',
      'Nothing was changed. Please try again; the server’s log has the details.',
    )
  return new Problem(
    500,
    'uncertain',
    'Something went wrong in Manada',
    'It is not certain whether this was done: look before you do it again. The server’s log has the details.',
  )
}

/** What the system says of files that can't be written. */
const unwritable: Record<string, 'disk-full' | 'read-only'> = { ENOSPC: 'disk-full', EDQUOT: 'disk-full', EROFS: 'read-only' }
const cannotWrite = {
  'disk-full': new Problem(
    507,
    'disk-full',
    'Nothing can be saved now',
    'The server’s disk is full. Nothing was changed, and shoppers are answered as before; whoever runs the server has to make room.',
  ),
  'read-only': new Problem(
    503,
    'read-only',
    'Nothing can be saved now',
    'The server may only read its data. Nothing was changed, and shoppers are answered as before.',
  ),
}

const commandStatus: Record<CommandErrorCode, number> = {
  'under-way': 409,
  'stopped': 503,
  'not-kept': 409,
  'unknown-product': 404,
  'unknown-kind': 404,
  'unknown-token': 400,
  'unknown-category': 404,
  'unknown-brand': 404,
  'unknown-section': 404,
  'unknown-plan': 404,
  'unknown-look': 404,
  'unknown-zone': 404,
  'unknown-release': 404,
  'unknown-schedule': 404,
  'no-mend': 422,
  'unknown-article': 404,
  'source-is-variant': 422,
  'target-is-variant': 422,
  'not-on-pages': 422,
  'self-link': 422,
  'retired-target': 422,
  'no-such-place': 422,
  'dates-reversed': 422,
  'unknown-offer': 404,
  'unknown-text': 404,
  'offer-changed': 409,
  'unknown-bundle': 404,
  'sku-taken': 409,
  'bundle-changed': 409,
  'bundle-in-itself': 422,
  'bundle-in-use': 409,
  'already-linked': 409,
  'not-linked': 409,
  'lane-changed': 409,
  'nothing-to-undo': 409,
  'nothing-to-redo': 409,
  'changed-since': 409,
  'no-such-entry': 404,
  'not-in-force': 409,
  'not-allowed': 403,
  'section-changed': 409,
  'plan-changed': 409,
  'look-changed': 409,
  'look-in-use': 409,
  'house-look': 409,
  'default-plan': 409,
  'other-page': 409,
  'not-in-plan': 409,
  'no-offers-here': 422,
  'cannot-be-published': 409,
  'must-stay': 409,
  'nothing-to-publish': 409,
  'retired-kind': 409,
  'kind-name-taken': 409,
  'products-stand': 409,
  'no-own-language': 422,
  'last-kind': 409,
  'in-use': 409,
}
