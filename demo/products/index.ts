import { clothing } from './clothing'
import { extraction } from './extraction'
import { books, garden } from './garden'
import { feeding, hives } from './hives'
import type { Item } from './item'
import { jars, queens } from './pantry'
import { tools } from './tools'

export const items: Item[] = [...hives, ...feeding, ...extraction, ...clothing, ...tools, ...jars, ...queens, ...garden, ...books]
