import type { z } from 'zod'
import type { Role } from '../access/roles'
import type { CommandContext } from './commandContext'
import type { AnyChange } from './record'

interface AnyCommand {
  type: string
}
/** What stands in the database alone, and planning or telling a command wants: a product by its SKU, a release by its number. */
export interface Needed {
  product?: string
  release?: number
}

type Options = z.core.$ZodTypeDiscriminable[]

/** Commands that change the same records: what they look like, what they do, and how they are told. */
export interface CommandGroup<Schema extends z.ZodDiscriminatedUnion<Options & z.ZodObject[], 'type'>> {
  schema: Schema
  /** Who may carry it out; left out: an editor. */
  role?(command: z.infer<Schema> & AnyCommand): Role
  /** Left out: all that it wants is held in memory. */
  needs?(command: z.infer<Schema> & AnyCommand): Needed
  /** A long command as shorter ones that do the same one after the other: others have a turn in between. Left out: it is short. */
  parts?(command: z.infer<Schema> & AnyCommand): (z.infer<Schema> & AnyCommand)[]
  /**
   * Works out what a command does, without doing it.
   * @throws CommandError when it can't be carried out as asked
   */
  plan(command: z.infer<Schema> & AnyCommand, context: CommandContext): AnyChange[]
  /**
   * The command in plain words, for the history and for what undo will do: “Linked Hive tool to Smoker as accessory”.
   * @param language BCP 47 tag of product and kind names
   */
  words(command: z.infer<Schema> & AnyCommand, context: CommandContext, language: string): string
}
