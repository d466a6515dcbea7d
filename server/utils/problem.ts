import type { EventHandler, H3Event } from 'h3'
import { ZodError } from 'zod'
import type { CommandErrorCode } from '../../core/journal/commandError'
import { CommandError } from '../../core/journal/commandError'
import type { ProblemDetails } from '../../core/delivery/contract'
import { NotWrittenError } from '../store/port'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import { UnknownSubjectError } from '../../core/selection/shop'

/** An answer in the form of RFC 9457, "Problem Details for HTTP APIs". */
export class Problem extends Error {
  readonly details: ProblemDetails

  constructor(status: number, code: string, title: string, detail: string, about?: string[]) {
    super(detail)
    this.details = { type: `urn:manada:problem:${code}`, title, status, detail, ...(about?.length && { about }) }
  }
}

/** A handler whose errors are answered as problem details. */
export function api<T>(handler: (event: H3Event) => T | Promise<T>): EventHandler {
  return defineEventHandler(async (event) => {
    try {
      return await handler(event)
    } catch (error) {
      return answerProblem(event, toProblem(error, event.method))
    }
  })
}

export function answerProblem(event: H3Event, { details }: Problem): ProblemDetails {
  setResponseStatus(event, details.status)
  setResponseHeader(event, 'content-type', 'application/problem+json')
  setResponseHeader(event, 'cache-control', 'no-store')
  return details
}

function toProblem(error: unknown, method: string): Problem {
  if (error instanceof Problem) return error
  if (error instanceof CommandError) return new Problem(commandStatus[error.code], error.code, 'This can’t be done', error.message, error.about)
  if (error instanceof FileProblem) return new Problem(error.code === 'tooLarge' ? 413 : 422, error.code, 'This file can’t be taken', error.message)
  if (error instanceof UnknownSubjectError) return new Problem(404, 'unknown-subject', 'Not found', error.message, [error.subject])
  if (error instanceof ZodError) {
    const issues = error.issues.map(issue => [issue.path.join('.'), issue.message].filter(Boolean).join(': '))
    return new Problem(400, 'malformed', 'The request is malformed', issues.join(' '), error.issues.map(issue => issue.path.join('.')))
  }
  console.error(error)
  const isRead = method === 'GET' || method === 'HEAD'
  if (isRead || error instanceof NotWrittenError) return new Problem(500, 'internal', 'Something went wrong in Manada', 'Nothing was changed. Please try again; the server’s log has the details.')
  return new Problem(500, 'uncertain', 'Something went wrong in Manada', 'It is not certain whether this was done: look before you do it again. The server’s log has the details.')
}

const commandStatus: Record<CommandErrorCode, number> = {
  unknownProduct: 404, unknownKind: 404, unknownCategory: 404, unknownBrand: 404, unknownSection: 404, unknownPlan: 404, unknownLook: 404, unknownZone: 404, unknownRelease: 404, unknownSchedule: 404, noMend: 422, unknownArticle: 404, sourceIsVariant: 422, targetIsVariant: 422, notOnPages: 422, selfLink: 422, retiredTarget: 422, noSuchPlace: 422, datesReversed: 422,
  unknownOffer: 404, offerChanged: 409, unknownBundle: 404, skuTaken: 409, bundleChanged: 409, bundleInItself: 422, bundleInUse: 409,
  alreadyLinked: 409, notLinked: 409, laneChanged: 409, nothingToUndo: 409, nothingToRedo: 409, changedSince: 409, noSuchEntry: 404, notInForce: 409,
  sectionChanged: 409, planChanged: 409, lookChanged: 409, lookInUse: 409, houseLook: 409, defaultPlan: 409, otherPage: 409, notInPlan: 409, nothingToPublish: 409, retiredKind: 409, kindNameTaken: 409, lastKind: 409, inUse: 409,
}
