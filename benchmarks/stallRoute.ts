import { openSync, readSync } from 'node:fs'
import { defineEventHandler } from 'h3'

const file = openSync(`/proc/self/task/${process.pid}/schedstat`, 'r')
const text = Buffer.alloc(100)

/**
 * Milliseconds that this thread was ready to go on and had no core to do so, since it began.
 * Source: Linux, Documentation/scheduler/sched-stats.rst, /proc/<pid>/schedstat.
 */
const waited = () => Number(text.toString('latin1', 0, readSync(file, text, 0, text.length, 0)).split(' ')[1]) / 1e6

let longest = 0
let last = { at: performance.now(), waited: waited() }
setInterval(() => {
  const now = { at: performance.now(), waited: waited() }
  longest = Math.max(longest, now.at - last.at - (now.waited - last.waited))
  last = now
}, 2).unref()

/**
 * The longest that anything has kept the server from all else since this was asked last, in milliseconds. What asks takes cores from a
 * small machine too: the time that the server waits for one is nothing that it did, and does not count.
 */
export default defineEventHandler(() => {
  const answer = { longest }
  longest = 0
  return answer
})
