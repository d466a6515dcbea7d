import { setFlagsFromString } from 'node:v8'

/**
 * A quarter as much again is how far the heap may grow beyond what is in use before it is swept. Left to itself V8 lets it grow to
 * several times that, which with a large catalogue in memory is a lot to take from a machine for nothing.
 * One thread goes through the heap meanwhile: several take every core of a small machine, and all who ask wait a second for it.
 * What is made while the shop is read stays for good, and V8 takes that for what the same code will always make: it would put what
 * a request leaves behind among what stays, and sweep the whole heap four times a minute for it.
 */
export default defineNitroPlugin(() => {
  setFlagsFromString('--heap-growing-percent=25')
  setFlagsFromString('--no-allocation-site-pretenuring')
  setFlagsFromString('--concurrent-marking-max-worker-num=1')
})
