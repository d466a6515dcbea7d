import type { LinkKind } from './kind'

/** A kind of link for tests: plain, unless a part says otherwise. */
export function makeKind(key: string, part: Partial<LinkKind> = {}): LinkKind {
  return {
    key,
    name: { en: key },
    plural: { en: `${key}s` },
    glyph: 'rings',
    expectation: 'none',
    ceiling: null,
    mutual: false,
    retired: false,
    ...part,
  }
}
