import { z } from 'zod'
import { roleSchema } from './roles'
import { scopeSchema } from './scopes'

/*
 * People and programs, as the studio is told of them and asks to change them.
 */

/** Colours that a person is known by beside their name; the first ones are given first. */
export const personColours = ['petrol', 'clay', 'moss', 'saffron', 'plum', 'slate', 'rust', 'teal'] as const
const colourSchema = z.enum(personColours)
export type PersonColour = z.infer<typeof colourSchema>

export const personNameSchema = z.string().trim().min(1, 'A name is missing.').max(60, 'A name has at most 60 characters.')

/** What somebody signs in with. It is the same whatever its case. */
export const emailSchema = z
  .string()
  .trim()
  .toLowerCase()
  .max(254, 'An e-mail address has at most 254 characters.')
  .pipe(z.email('This is no e-mail address.'))

/** Characters that a password has at least, when it is all that somebody signs in with (NIST SP 800-63B-4, §3.1.1.2). */
export const shortestPassword = 15

/**
 * Long is what makes a password good; which characters is not asked (NIST SP 800-63B-4, §3.1.1.2). The section was quoted from memory.
 */
export const passwordSchema = z
  .string()
  .min(shortestPassword, `A password has at least ${shortestPassword} characters; a few words together are easiest to remember.`)
  .max(256, 'A password has at most 256 characters.')
  .refine(text => new Set(text).size >= 5, 'A password has at least 5 different characters.')

/** A person as others see them. */
export const personSchema = z.object({ id: z.string(), name: z.string(), colour: colourSchema })
export type PersonShown = z.infer<typeof personSchema>

/** Who is asking, and what the studio offers them. */
export const meSchema = z.object({
  person: personSchema
    .extend({
      role: roleSchema,
      email: z.string(),
      /** Who has none goes in with a passkey, or is the demo's. */
      hasPassword: z.boolean(),
    })
    .nullable(),
  /** The demo shop is there to be tried without signing in. */
  demo: z.boolean(),
  /** Where passkeys can be used: an origin with a name, and TLS or on this machine; null: nowhere. */
  passkeysAt: z.string().nullable(),
})
export type Me = z.infer<typeof meSchema>

export const signInSchema = z.strictObject({ email: z.string().max(254), password: z.string().max(256) })
export const joiningSchema = z.strictObject({ name: personNameSchema, email: emailSchema, password: passwordSchema })
export const accountSchema = z.strictObject({ name: personNameSchema, colour: colourSchema })
export const newPasswordSchema = z.strictObject({
  current: z.string().max(256),
  next: passwordSchema,
  /** Whether one's passkeys go with the old password. */
  withoutPasskeys: z.boolean().default(false),
})
/** What changing a password has ended. */
export const newPasswordAnswerSchema = z.object({ sessions: z.int(), passkeys: z.int() })

/** A browser in which somebody is signed in. */
export const sessionSchema = z.object({
  id: z.string(),
  /** Such as “Firefox on Linux”. */
  device: z.string(),
  /** ISO 8601 */
  begun: z.string(),
  seen: z.string(),
  isThis: z.boolean(),
})
export type SessionShown = z.infer<typeof sessionSchema>
export const sessionsAnswerSchema = z.object({ sessions: z.array(sessionSchema) })

/** What somebody signs in with instead of a password. */
export const passkeySchema = z.object({
  id: z.string(),
  /** What it was made with, such as “Firefox on Linux”. */
  device: z.string(),
  /** ISO 8601 */
  made: z.string(),
  used: z.string().nullable(),
})
export type PasskeyShown = z.infer<typeof passkeySchema>
export const passkeysAnswerSchema = z.object({ passkeys: z.array(passkeySchema) })
/** What a browser is asked, and by which name it answers. Both are as Web Authentication has them. */
export const passkeyQuestionSchema = z.object({ attempt: z.string(), options: z.looseObject({}) })
export const passkeyAnswerSchema = z.strictObject({
  attempt: z.string().max(64),
  response: z.looseObject({ id: z.string().min(1).max(1400) }),
})
export type PasskeyAnswer = z.infer<typeof passkeyAnswerSchema>
/** How somebody who is signed in shows once more that it is them: a browser left open must not give a lasting way in. */
export const confirmationSchema = z.union([
  z.strictObject({ password: z.string().max(256) }),
  z.strictObject({ passkey: passkeyAnswerSchema }),
])
export type Confirmation = z.infer<typeof confirmationSchema>

/** What an invitation lets somebody become. */
export const invitationSchema = z.object({ role: roleSchema, name: z.string(), until: z.string() })
export const invitingSchema = z.strictObject({ name: personNameSchema, role: roleSchema })
export const invitedSchema = z.object({ link: z.string() })

export const rolesGivenSchema = z.strictObject({ role: roleSchema })

/** Everybody who may come in, and who is invited. */
export const peopleAnswerSchema = z.object({
  people: z.array(personSchema.extend({ role: roleSchema, email: z.string(), since: z.string(), seen: z.string().nullable() })),
  invitations: z.array(invitationSchema.extend({ id: z.string() })),
})
export type PeopleAnswer = z.infer<typeof peopleAnswerSchema>

export const tokenNameSchema = z.string().trim().min(1, 'A name is missing.').max(60, 'A name has at most 60 characters.')
/** Days for which a token can be made to hold. */
export const tokenDays = [30, 90, 365] as const
export const newTokenSchema = z.strictObject({
  name: tokenNameSchema,
  scopes: z.array(scopeSchema).min(1, 'A token needs a scope.'),
  days: z.union(tokenDays.map(days => z.literal(days))),
})
/** A token, shown this once. */
export const madeTokenSchema = z.object({ token: z.string() })
export const tokensAnswerSchema = z.object({
  tokens: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      scopes: z.array(scopeSchema),
      /** ISO 8601 */
      made: z.string(),
      until: z.string(),
      used: z.string().nullable(),
    }),
  ),
})
export type TokensAnswer = z.infer<typeof tokensAnswerSchema>
