import type { IncomingMessage } from 'node:http'
import { expect, it } from 'vitest'
import { clientAddress } from './clientAddress'

const from = (forwarded?: string) =>
  ({
    socket: { remoteAddress: '10.0.0.9' },
    headers: forwarded === undefined ? {} : { 'x-forwarded-for': forwarded },
  }) as unknown as IncomingMessage

it.each([
  // Without a proxy of one's own, what is said of the way is what anybody may say.
  [undefined, 0, '10.0.0.9'],
  ['1.1.1.1', 0, '10.0.0.9'],
  [undefined, 1, '10.0.0.9'],
  ['203.0.113.7', 1, '203.0.113.7'],
  // The proxy adds whom it was asked by; what stands before that was sent.
  ['1.1.1.1, 203.0.113.7', 1, '203.0.113.7'],
  ['1.1.1.1,203.0.113.7 , 10.0.0.2', 2, '203.0.113.7'],
  ['203.0.113.7', 2, '10.0.0.9'],
  [' , ', 1, '10.0.0.9'],
])('of %j with %i proxies before the server it is %s', (forwarded, hops, address) =>
  expect(clientAddress(from(forwarded), hops)).toBe(address),
)
