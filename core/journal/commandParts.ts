import { z } from 'zod'

/** At most this many things are named by one command. */
export const maxNamed = 500

/** A place in an order, counted from 1. */
export const placeSchema = z.int().min(1, 'Places count from 1.')
