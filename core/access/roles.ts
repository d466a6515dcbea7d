import { z } from 'zod'

/** What people may do, each with all that those before it may. */
export const roles = ['viewer', 'editor', 'publisher', 'admin'] as const
export const roleSchema = z.enum(roles)
export type Role = z.infer<typeof roleSchema>

/** What a role adds to those before it, as the studio tells it. */
export const roleWords: Record<Role, string> = {
  viewer: 'sees everything',
  editor: 'links products, drafts sections, plans, looks and offers',
  publisher: 'publishes, mends in bulk, imports; bundles and kinds of link',
  admin: 'people, tokens and settings',
}

/** Whether a role is this one, or one with more. */
export const isAtLeast = (role: Role, needed: Role): boolean => roles.indexOf(role) >= roles.indexOf(needed)
