import { z } from 'zod'

/** What a program may do with its token; none of them includes another. */
export const scopes = ['catalogue:write', 'orders:write', 'exchange:read', 'exchange:write', 'draft:read', 'results:read'] as const
export const scopeSchema = z.enum(scopes)
export type Scope = z.infer<typeof scopeSchema>

/** What a scope allows, as the studio tells it. */
export const scopeWords: Record<Scope, string> = {
  'catalogue:write': 'send products and stock',
  'orders:write': 'send orders',
  'exchange:read': 'export files and the set-up',
  'exchange:write': 'import files and the set-up',
  'draft:read': 'read pages as they are drafted, and why each product is shown or not',
  'results:read': 'read results',
}
