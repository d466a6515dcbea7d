import { expect, it } from 'vitest'
import { amongFew } from './atOnce'

it('does as much at once as is allowed, refuses what is more, and has room again when one is over, however it ended', async () => {
  const ends: ((fails: boolean) => void)[] = []
  const begin = () =>
    amongFew(
      'import',
      () => new Promise<string>((resolve, reject) => ends.push(fails => (fails ? reject(new Error('No.')) : resolve('done')))),
    )
  const outcome = (work: Promise<string>) => work.catch((error: Error) => error.message)
  const [first, second] = [outcome(begin()), outcome(begin())]
  expect(await outcome(begin())).toBe('2 imports are under way; nothing was begun. Try again in a moment.')
  // Exports are counted by themselves.
  expect(await amongFew('export', () => Promise.resolve('exported'))).toBe('exported')
  ends[0]!(true)
  expect(await first).toBe('No.')
  const third = outcome(begin())
  ends[1]!(false)
  ends[2]!(false)
  expect([await second, await third]).toEqual(['done', 'done'])
})
