import { monitorEventLoopDelay } from 'node:perf_hooks'
import { defineEventHandler } from 'h3'

const delays = monitorEventLoopDelay({ resolution: 2 })
delays.enable()

/** The longest that anything has kept the server from all else since this was asked last, in milliseconds. */
export default defineEventHandler(() => {
  const longest = delays.max / 1e6
  delays.reset()
  return { longest }
})
