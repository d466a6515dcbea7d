/** Texts of things and of their parts, in one language. */
interface Texts<Thing extends object> {
  own: WeakMap<Thing, string>
  parts: WeakMap<Thing, Map<string, string>>
}
type ByLanguage<Thing extends object> = Map<string, Texts<Thing>>

/**
 * Texts of things and of their parts, as long as they are asked for now and then. They stand in two halves: when the newer one is full the
 * older one is let go of, and what is asked for again moves from the older into the newer. So a text is kept that was asked for among the
 * last that fill half the room, and finding one is a look or two.
 */
export class RecentTexts<Thing extends object> {
  /** Characters that a half has at most. */
  readonly #half: number
  #newer: ByLanguage<Thing> = new Map()
  #older: ByLanguage<Thing> = new Map()
  /** Characters of the newer half. */
  #length = 0

  /** @param room characters that are kept at most */
  constructor(room: number) {
    this.#half = room / 2
  }

  /** @param part names a part of the thing; null: the thing itself */
  get(thing: Thing, part: string | null, language: string): string | undefined {
    const text = find(this.#newer, thing, part, language)
    if (text !== undefined) return text
    const before = find(this.#older, thing, part, language)
    if (before !== undefined) this.set(thing, part, language, before)
    return before
  }

  set(thing: Thing, part: string | null, language: string, text: string): void {
    if (this.#length + text.length > this.#half) {
      this.#older = this.#newer
      this.#newer = new Map()
      this.#length = 0
    }
    this.#length += text.length
    let texts = this.#newer.get(language)
    if (!texts) this.#newer.set(language, (texts = { own: new WeakMap(), parts: new WeakMap() }))
    if (part === null) {
      texts.own.set(thing, text)
      return
    }
    const parts = texts.parts.get(thing)
    if (parts) parts.set(part, text)
    else texts.parts.set(thing, new Map([[part, text]]))
  }
}

function find<Thing extends object>(half: ByLanguage<Thing>, thing: Thing, part: string | null, language: string): string | undefined {
  const texts = half.get(language)
  return part === null ? texts?.own.get(thing) : texts?.parts.get(thing)?.get(part)
}
