/** The names of this machine to itself. */
const loopback = new Set(['localhost', '127.0.0.1', '[::1]'])

/** A host and perhaps a port, as a Host header has them (RFC 9110 §7.2; RFC 3986 §3.2.2), in letters that need no encoding. */
const hostForm = /^(?<name>[a-z0-9](?:[a-z0-9.-]{0,252})|\[[0-9a-f:.]{2,45}\])(?::\d{1,5})?$/

/** Headers whose answer is kept. */
const maxKept = 100

/**
 * Which hosts the server answers for. A page elsewhere can make any name lead to this machine (DNS rebinding), and would be of the same
 * origin then: so only known names are answered.
 * @param list names, with a port or of any port, separated by commas; loopback is always among them
 * @returns what a Host header is: one that the server answers for, another, or none at all
 */
export function hostsFrom(list: string): (header: string | undefined) => 'known' | 'unknown' | 'malformed' {
  const known = new Set(
    list
      .split(',')
      .map(each => each.trim().toLowerCase())
      .filter(Boolean),
  )
  // Nearly all requests have one of a few.
  const asked = new Map<string, 'known' | 'unknown' | 'malformed'>()
  const look = (header: string) => {
    const host = header.toLowerCase()
    const name = hostForm.exec(host)?.groups!.name
    if (name === undefined) return 'malformed'
    return loopback.has(name) || known.has(host) || known.has(name) ? 'known' : 'unknown'
  }
  return header => {
    if (header === undefined) return 'malformed'
    let answer = asked.get(header)
    if (answer === undefined) {
      answer = look(header)
      // A name can be sent with any port, and in letters of any case.
      if (asked.size === maxKept) asked.clear()
      asked.set(header, answer)
    }
    return answer
  }
}
