import { mapValues } from 'es-toolkit'
import type { z } from 'zod'
import type { ZodOpenApiResponsesObject } from 'zod-openapi'
import { problemSchema } from '../../core/delivery/contract/problem'

/* What the OpenAPI documents have in common. */

export const json = (schema: z.ZodType) => ({ 'application/json': { schema } })

/** Answers that refuse something, by status. */
export const refusals = (descriptions: Record<number, string | undefined>) =>
  mapValues(descriptions, (description = '') => ({
    description,
    content: { 'application/problem+json': { schema: problemSchema } },
  })) as ZodOpenApiResponsesObject

export const licence = { name: 'MIT', identifier: 'MIT' }

export const tokenScheme = (description: string) => ({ type: 'http', scheme: 'bearer', description }) as const
