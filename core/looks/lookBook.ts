import { baseParts, basePage } from './builtInLooks'
import type { Look, LookParts, PageStyle, SectionLook } from './look'
import { houseKey } from './look'
import type { LookStyle } from './lookStyle'
import { lookStyle, pageLook } from './lookStyle'

/** All looks of a shop in one of their versions. It never changes; another one takes its place. */
export class LookBook {
  readonly #looks: ReadonlyMap<string, Look>
  readonly page: PageStyle
  /** The shop's own look, complete. */
  readonly house: LookParts
  /** The same as CSS custom properties, with those of the shop's pages. */
  readonly houseStyle: LookStyle

  constructor(looks: Iterable<Look>) {
    this.#looks = new Map(Array.from(looks, each => [each.key, each]))
    const house = this.#looks.get(houseKey)
    this.page = house?.page ?? basePage
    this.house = { ...baseParts, ...house?.parts }
    this.houseStyle = { ...pageLook(this.page), ...lookStyle(this.house, this.page) }
  }

  has(key: string): boolean {
    return this.#looks.has(key)
  }

  /** All that a section's look says: its own word first, then its preset's, then the shop's. A preset that is gone says nothing. */
  partsOf({ preset, own }: SectionLook): LookParts {
    return { ...this.house, ...this.#looks.get(preset)?.parts, ...own }
  }

  /** The CSS custom properties of a section that are not as the shop's own. */
  styleOf(look: SectionLook): LookStyle {
    const style = lookStyle(this.partsOf(look), this.page)
    return Object.fromEntries(Object.entries(style).filter(([name, value]) => this.houseStyle[name] !== value))
  }
}
