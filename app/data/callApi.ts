import type { FetchError } from 'ofetch'
import type { z } from 'zod'
import type { ProblemDetails } from '../../core/delivery/contract/problem'
import { problemSchema } from '../../core/delivery/contract/problem'
import { isSignedOut } from './serverState'

/** A request that Manada refused, or that never reached it; the message is for people. */
export class ApiProblem extends Error {
  readonly details: ProblemDetails

  constructor(details: ProblemDetails) {
    super(details.detail)
    this.details = details
  }

  /** The last part of the problem's type, such as `lane-changed`. */
  get code(): string {
    return this.details.type.split(':').at(-1)!
  }
}

/** @param isChange something was to be changed: whether it was, nobody knows until the server answers again */
const unreachable = (isChange: boolean): ProblemDetails => ({
  type: 'urn:manada:problem:unreachable',
  title: 'No answer',
  status: 0,
  detail:
    `Manada’s server does not answer. What was saved is ` +
    `safe${isChange ? '; whether the last change was made shows as soon as it answers again' : ''}.`,
})

/**
 * Calls Manada's own API and checks the answer.
 * @throws ApiProblem
 */
export async function callApi<S extends z.ZodType>(
  schema: S,
  path: string,
  options: {
    method?: 'GET' | 'POST' | 'DELETE'
    query?: Record<string, unknown>
    body?: object
    headers?: Record<string, string>
    signal?: AbortSignal
  } = {},
): Promise<z.infer<S>> {
  let answer: unknown
  try {
    answer = await $fetch(path, { ...options, retry: 0 })
  } catch (error) {
    if (options.signal?.aborted) throw error
    const problem = new ApiProblem(problemSchema.safeParse((error as FetchError).data).data ?? unreachable(options.method === 'POST'))
    if (problem.code === 'sign-in') isSignedOut.value = true
    throw problem
  }
  return schema.parse(answer)
}
