import { Problem } from '../utils/problem'

const most = { import: 2, export: 4 }
const under = { import: 0, export: 0 }

/** How many are under way. */
export const underWay = (what: keyof typeof most) => under[what]

/**
 * Does what takes much of the server as often at once as it can bear.
 * @throws Problem with 503, and when to come again, when so many are under way
 */
export async function amongFew<T>(what: keyof typeof most, work: () => Promise<T>): Promise<T> {
  if (under[what] >= most[what])
    throw new Problem(503, 'busy', 'Not now', `${most[what]} ${what}s are under way; nothing was begun. Try again in a moment.`, [], 5)
  under[what]++
  try {
    return await work()
  } finally {
    under[what]--
  }
}
