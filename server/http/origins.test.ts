import { expect, it } from 'vitest'
import { isFromHere } from './origins'

const host = '127.0.0.1:4310'
it.each([
  // Programs say nothing of where they are.
  [{ host }],
  [{ host, 'sec-fetch-site': 'same-origin', 'origin': 'http://127.0.0.1:4310' }],
  [{ host, 'sec-fetch-site': 'none' }],
  [{ host: 'Studio.Example', origin: 'https://studio.example' }],
  [{ host: 'studio.example', origin: 'https://studio.example:443' }],
])('takes a write with %j', headers => expect(isFromHere('POST', headers)).toBe(true))

it.each([
  [{ host, 'sec-fetch-site': 'cross-site' }],
  // A page of another name below the same one is another’s.
  [{ host, 'sec-fetch-site': 'same-site' }],
  [{ host, origin: 'http://evil.example' }],
  [{ host, origin: 'http://127.0.0.1:9999' }],
  [{ host, origin: 'null' }],
  [{ host, 'sec-fetch-site': 'same-origin', 'origin': 'http://evil.example' }],
  [{ origin: 'http://127.0.0.1:4310' }],
])('refuses a write with %j', headers => {
  for (const method of ['POST', 'PUT', 'PATCH', 'DELETE', 'PURGE', undefined]) expect(isFromHere(method, headers)).toBe(false)
  for (const method of ['GET', 'HEAD', 'OPTIONS']) expect(isFromHere(method, headers)).toBe(true)
})
