import { z } from 'zod'
import type { Text } from './text'

/** What those who work with a thing call it, in whatever language; shoppers never read it. Empty: as its heading. */
export const internalNameSchema = z.string().trim().max(100, 'An internal name has at most 100 characters.')

/** What a thing is called in the studio. */
export const namedBy = ({ internalName, heading }: { internalName: string; heading: Text }): Text =>
  internalName === '' ? heading : { und: internalName }
