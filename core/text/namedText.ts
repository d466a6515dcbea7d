import type { Text } from './text'

/** A text that shoppers read, by its key among those of one thing, and what it is: “the heading”. */
export interface NamedText {
  key: string
  what: string
  text: Text
}
