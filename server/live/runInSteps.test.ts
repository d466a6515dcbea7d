import { describe, expect, it } from 'vitest'
import { pausingBeside } from './runInSteps'

/** Works until it has to pause. */
async function workUntilPause(pause: () => Promise<void> | undefined): Promise<void> {
  for (;;) {
    const paused = pause()
    if (paused) return paused
  }
}

describe('work beside everything else', () => {
  it('goes on when nobody waits for a write any more', async () => {
    let asked = 0
    const writing = {
      waiting: 1,
      get doesSomebodyWait() {
        return ++asked < 5
      },
    }
    await workUntilPause(pausingBeside(writing))
    expect(asked).toBe(5)
  })

  it('goes on beside the pieces of long work', async () => {
    let asked = 0
    const writing = {
      waiting: 1,
      get doesSomebodyWait() {
        asked++
        return false
      },
    }
    await workUntilPause(pausingBeside(writing))
    expect(asked).toBe(1)
  })

  it('comes to an end where somebody always waits', async () => {
    await workUntilPause(pausingBeside({ waiting: 1, doesSomebodyWait: true }))
  })

  it('has one turn at a time, whatever it is', async () => {
    const writing = { waiting: 1, doesSomebodyWait: true }
    const order: string[] = []
    const first = workUntilPause(pausingBeside(writing)).then(() => order.push('first'))
    const second = workUntilPause(pausingBeside()).then(() => order.push('second'))
    await Promise.all([first, second])
    expect(order).toEqual(['first', 'second'])
  })
})
