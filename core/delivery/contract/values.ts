import { z } from 'zod'

export const flagSchema = z
  .enum(['0', '1'])
  .default('0')
  .transform(value => value === '1')
export const amountSchema = z.int().meta({ description: 'Whole minor units of the currency (ISO 4217).' })
export const styleSchema = z.record(z.string(), z.string())
export const houseStyle = 'The shop’s own look as CSS custom properties, to be set on the page.'
export const bundleTypeSchema = z.enum(['fixed', 'choice', 'pickAny'])
