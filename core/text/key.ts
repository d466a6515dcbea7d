import { z } from 'zod'

/** Names a section, a page plan or a look. */
export const keySchema = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'A key has small letters, digits and single hyphens.')
  .max(40)
