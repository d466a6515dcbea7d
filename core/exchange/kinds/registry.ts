import type { FileKindType } from './fileKindType'
import { linksFile } from './links/linksFile'
import { productsFile } from './products/productsFile'

/** All kinds of files, in the order in which the studio lists them and tells a file’s kind by its columns. */
export const fileKinds = { links: linksFile, products: productsFile }
export type FileKind = keyof typeof fileKinds
export const fileKindKeys = Object.keys(fileKinds) as [FileKind, ...FileKind[]]

/** Everything that is different from kind to kind is asked of it. Lines of one kind are never given to another. */
export const fileKindOf = (kind: FileKind) => fileKinds[kind] as FileKindType<unknown>
