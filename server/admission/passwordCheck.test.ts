import { randomBytes, scryptSync, timingSafeEqual } from 'node:crypto'
import { expect, it } from 'vitest'
import type { Person } from '../access/accessBook'
import { hasPassword } from './passwordCheck'

/** scrypt (RFC 7914), with what it cost noted. */
const costs: string[] = []
const hashing = {
  hash(password: string): Promise<string> {
    const salt = randomBytes(16)
    return Promise.resolve(`16384.${salt.toString('hex')}.${scryptSync(password, salt, 32, { N: 16384 }).toString('hex')}`)
  },
  verify(kept: string, password: string): Promise<boolean> {
    const [n, salt, hash] = kept.split('.') as [string, string, string]
    costs.push(`N ${n}, ${salt.length / 2} bytes of salt, ${hash.length / 2} bytes`)
    return Promise.resolve(timingSafeEqual(scryptSync(password, Buffer.from(salt, 'hex'), 32, { N: Number(n) }), Buffer.from(hash, 'hex')))
  },
}

it('a password is checked with the same work for somebody, for somebody without one, and for nobody', async () => {
  const wilma = { name: 'Wilma', password: await hashing.hash('correct horse battery') } as Person
  const demo = { name: 'Demo', password: null } as Person
  const tries: [Person | null, string][] = [
    [wilma, 'correct horse battery'],
    [wilma, 'another'],
    [demo, 'another'],
    [null, 'another'],
    // What nobody's hash was made of lets nobody in.
    [demo, ''],
    [null, ''],
  ]
  const found: boolean[] = []
  for (const [person, password] of tries) found.push(await hasPassword(person, password, hashing))
  expect(found).toEqual([true, false, false, false, false, false])
  expect(costs).toHaveLength(tries.length)
  expect(new Set(costs).size).toBe(1)
})
