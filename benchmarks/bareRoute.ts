import { readFileSync } from 'node:fs'
import { defineEventHandler, setResponseHeader } from 'h3'

const body = readFileSync(process.env.BARE_BYTES ?? '/dev/null', 'utf8')

/** The measure for delivery: a route of the same server that answers given bytes and does nothing else. */
export default defineEventHandler(event => {
  setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
  return body
})
