import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { Problem } from '../utils/problem'

const quarter = 15 * 60
/** Wrong passwords for one name from one address, and from one address at all. */
const ofOne = new RateLimiterMemory({ keyPrefix: 'one', points: 5, duration: quarter, blockDuration: quarter })
const ofAddress = new RateLimiterMemory({ keyPrefix: 'address', points: 40, duration: quarter, blockDuration: quarter })

/**
 * Slows down whoever tries passwords: a few wrong ones, and the name waits for that address. Others who have the name are not kept out.
 * @param check whether it is right this time
 * @throws Problem with 429, and when to come again, without having checked
 */
export async function trying(name: string, address: string, check: () => Promise<boolean>): Promise<boolean> {
  const key = `${address} ${name}`
  await Promise.all([ofOne.consume(key), ofAddress.consume(address)]).catch((refused: unknown) => {
    throw refused instanceof RateLimiterRes ? tooMany(refused.msBeforeNext) : refused
  })
  const isRight = await check()
  if (isRight) await Promise.all([ofOne.delete(key), ofAddress.reward(address)])
  return isRight
}

function tooMany(wait: number): Problem {
  const minutes = Math.ceil(wait / 60_000)
  return new Problem(
    429,
    'too-many-tries',
    'Too many tries',
    `There were too many wrong passwords. Try again in ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}.`,
    [],
    Math.ceil(wait / 1000),
  )
}
