import { expect, it } from 'vitest'
import { hostsFrom } from './hosts'

const hosts = hostsFrom('Studio.Example, shop.example:8443,')

it.each(['localhost', 'LOCALHOST:4310', '127.0.0.1:80', '[::1]:4310', 'studio.example', 'studio.example:9000', 'shop.example:8443'])(
  'answers for %j',
  host => expect(hosts(host)).toBe('known'),
)
it.each(['shop.example', 'shop.example:443', 'evil.example', 'studio.example.evil.example', '127.0.0.2', '192.168.1.5:4310', '[::2]'])(
  'does not answer for %j',
  host => expect(hosts(host)).toBe('unknown'),
)
it.each([undefined, '', 'a b', '[', '%', 'a/b', 'user@localhost', 'localhost:', 'localhost:999999', 'é', '-', `${'a'.repeat(300)}`])(
  'says that %j is no host',
  host => expect(hosts(host)).toBe('malformed'),
)
