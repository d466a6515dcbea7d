import { clothing } from './clothing'
import { extractors } from './extractors'
import { feeding } from './feeding'
import { books, garden } from './garden'
import { hives } from './hives'
import { honey } from './honey'
import type { Item } from './item'
import { jars } from './jars'
import { queens } from './queens'
import { tools } from './tools'

export const items: Item[] = [...hives, ...feeding, ...extractors, ...honey, ...clothing, ...tools, ...jars, ...queens, ...garden, ...books]
