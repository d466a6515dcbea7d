import type { Catalogue, Category } from '../../catalogue/catalogue'
import type { Product } from '../../catalogue/product'
import type { ShopSettings } from '../../catalogue/shopSettings'
import type { LinkKind } from '../../links/kind'
import type { AllVersions } from '../../releases/draftedSorts'
import type { Lane } from '../../links/lane'
import type { FileRow } from '../fileRow'
import type { Change } from '../../records/registry'
import type { ImportPart, ImportSummary } from '../importReport'

/** What reading rows and planning an import need to know of the shop. */
export interface ImportShop {
  settings: ShopSettings
  catalogue: Catalogue
  categories: readonly Category[]
  kinds: ReadonlyMap<string, LinkKind>
  links: { lane(source: string, kind: string): Lane }
  /** What is drafted and published. */
  versions: Pick<AllVersions, 'bundles'>
}

/** A line of an order as a file tells it. */
export interface OrderFileLine {
  number: string
  /** ISO 8601 */
  placed: string
  line: number
  sku: string
  quantity: number
  /** What one cost by itself, in minor units. */
  unitPrice: number
  /** The line of the bundle that it is in; null: it is in none. */
  within: number | null
  /** What was chosen in a group of a bundle: “Suit: white, XXXL”. */
  chosen: string | null
  /** `section:key`, `offer:key`; null: not known. */
  origin: string | null
}

/** What writing a file needs to know of the shop. */
export interface ExportShop extends ImportShop {
  /** All products as they are stored, with their descriptions, in the catalogue's order. */
  storedProducts(): AsyncIterable<Product>
  /** Languages that any text is in, without the shop's own. */
  otherLanguages: readonly string[]
  /** All lines of all orders, in the order in which these were placed. */
  orderLines(): AsyncIterable<OrderFileLine>
}

/** A kind of file that goes out and is not brought in. */
export type OutgoingFileKind = Pick<FileKindType<unknown>, 'words' | 'columns' | 'columnsOf' | 'rowsOf'>

/**
 * An import that takes the lines of a file piece by piece. `tried`, nothing of it is done; `written`, the shop has taken over what was
 * handed out before more is asked for, and others may have changed it too.
 */
export interface FileImport<Line> {
  /** SKUs of the shop's products that `add` needs as they are stored; left out: of none. */
  about?(lines: readonly Line[]): string[]
  /**
   * @param stored the products that `about` named
   * @returns what these lines change
   */
  add(lines: readonly Line[], stored: ReadonlyMap<string, Product>): Change[]
  /** Notes that a row could not be read. */
  passOver?(line: number, cells: FileRow): void
  /** What is left when all lines were added, a part in each step, worked out on the shop as it is then. */
  finishing(): Generator<ImportPart, ImportSummary>
}

/**
 * What files can be about. Each kind has a folder with everything about it; registry.ts lists them. How a file is written is its format's.
 */
export interface FileKindType<Line> {
  /** As people call it, and what it holds. */
  words: { name: string; holds: string }
  /** The columns of such a file, in their order. */
  columns: readonly string[]
  /** Those without which no row can be read. */
  neededColumns: readonly string[]
  /** The column that tells it from files of the kinds behind it in the registry. */
  toldBy: string
  /** Whether a column that is not among `columns` means something, as those of other languages do. */
  knows?(column: string): boolean
  /** Reads a row. @param line of the file, counted from 1 @throws RowError with all cells that can’t be read */
  read(line: number, cells: FileRow, settings: Pick<ShopSettings, 'currency' | 'language' | 'emptyStock'>): Line
  importing(shop: ImportShop, how: 'tried' | 'written'): FileImport<Line>
  /** The columns of a file with all there is of it in a shop. */
  columnsOf(shop: ExportShop): string[]
  /** All there is of it, as rows that an import takes back. */
  rowsOf(shop: ExportShop): Iterable<FileRow> | AsyncIterable<FileRow>
}
