import { resolve } from 'node:path'

/** Where Manada keeps its data. */
export const dataFolder = () => resolve(process.env.MANADA_DATA || 'data')
