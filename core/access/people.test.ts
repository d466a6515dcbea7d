import { expect, it } from 'vitest'
import { emailSchema, passwordSchema } from './people'

it.each(['correct horse battery', 'fünfzehn Zeichen', '🐝🐝abcdefghijklm'])('takes the password %j', word =>
  expect(passwordSchema.safeParse(word).success).toBe(true),
)
it.each(['', 'short', '14 characters!', 'aaaaaaaaaaaaaaaaaaaa', 'ababababababababab', 'x'.repeat(257)])('refuses the password %j', word =>
  expect(passwordSchema.safeParse(word).success).toBe(false),
)

it('takes an e-mail address in any case, and without the blanks around it', () => {
  expect(emailSchema.parse('  Wilma.Oster@Shop.Example ')).toBe('wilma.oster@shop.example')
  for (const none of ['', 'wilma', 'wilma@', '@shop.example', 'a b@shop.example', `${'a'.repeat(250)}@shop.example`])
    expect(emailSchema.safeParse(none).success, none).toBe(false)
})
