import type { FileKindType, OutgoingFileKind } from './fileKindType'
import { linksFile } from './links/linksFile'
import { ordersFile } from './orders/ordersFile'
import { productsFile } from './products/productsFile'

/** All kinds of files, in the order in which the studio lists them and tells a file’s kind by its columns. */
export const fileKinds = { links: linksFile, products: productsFile }
export type FileKind = keyof typeof fileKinds
export const fileKindKeys = Object.keys(fileKinds) as [FileKind, ...FileKind[]]

/** All that can be taken out; some of it is not brought in. */
const outgoingFileKinds = { ...fileKinds, orders: ordersFile }
export type OutgoingKind = keyof typeof outgoingFileKinds
export const outgoingKindKeys = Object.keys(outgoingFileKinds) as [OutgoingKind, ...OutgoingKind[]]
export const outgoingKindOf = (kind: OutgoingKind) => outgoingFileKinds[kind] as OutgoingFileKind

/** Everything that is different from kind to kind is asked of it. Lines of one kind are never given to another. */
export const fileKindOf = (kind: FileKind) => fileKinds[kind] as FileKindType<unknown>
