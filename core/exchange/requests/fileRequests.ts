import { z } from 'zod'
import { fileFormatKeys } from '../formats/registry'
import { fileKindKeys, outgoingKindKeys } from '../kinds/registry'
import { setUpParts } from '../setUp/setUp'

/*
 * What files are asked for with, and brought in with: the queries of their addresses.
 */

const yes = z.literal('1').optional()
const kind = z.enum(fileKindKeys).meta({ description: 'What the file is about.' })
const dry = yes.meta({ description: '1: only tell what would be done.' })
const file = z.string().trim().min(1).max(120).default('a file').meta({ description: 'What the file is called, for the history.' })

export const exportQuerySchema = z.object({
  kind: z.enum(outgoingKindKeys).meta({ description: 'What the file is about.' }),
  format: z.enum(fileFormatKeys).default('csv'),
  mark: yes.meta({ description: '1: with a byte order mark, for spreadsheets.' }),
})

export const importQuerySchema = z.object({
  kind,
  dry,
  keep: z.literal('valid').optional().meta({ description: 'valid: take the good rows although others are rejected.' }),
  file,
  job: z.uuid().optional().meta({ description: 'A name under which its progress can be asked for.' }),
})

export const setUpQuerySchema = z.object({
  parts: z
    .string()
    .transform(value => value.split(','))
    .pipe(z.array(z.enum(setUpParts)))
    .default([...setUpParts])
    .meta({ description: `Some of ${setUpParts.join(', ')}, separated by commas; left out: all.` }),
  draft: yes.meta({ description: '1: with the drafts.' }),
})

export const setUpImportQuerySchema = z.object({
  dry,
  publish: yes.meta({ description: '1: make sections and plans live at once; otherwise they become drafts.' }),
  file,
})
