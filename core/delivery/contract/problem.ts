import { z } from 'zod'

/** RFC 9457 */
export const problemSchema = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    detail: z.string(),
    about: z.array(z.string()).optional().meta({ description: 'The SKUs, keys or parameters at fault.' }),
  })
  .meta({ id: 'Problem' })
export type ProblemDetails = z.infer<typeof problemSchema>
