import { contrast, mixed, readableOn } from './colour'
import type { Font, LookParts, PageStyle } from './look'

/** CSS custom properties by their names. */
export type LookStyle = Record<string, string>

const pixels = (length: number) => `${length}px`
const lines = (isDrawn: boolean, { lineWidth, line }: LookParts) => (isDrawn ? `${lineWidth}px solid ${line}` : '0 solid transparent')
/** How much room there is between what is filled or lined and what stands in it. */
const inset = { section: 18, card: 12 }
/** So much of its colour a tinted badge has behind it. */
const tint = 0.14

const fonts: Record<Font, string> = {
  'instrument-sans': "'Instrument Sans Variable', system-ui, sans-serif",
  'figtree': "'Figtree Variable', system-ui, sans-serif",
  'bricolage-grotesque': "'Bricolage Grotesque Variable', system-ui, sans-serif",
  'source-serif': "'Source Serif 4 Variable', Georgia, serif",
  'device': 'system-ui, sans-serif',
}

/** What is seen behind a section and behind its products. */
export function groundsOf({ ground, card }: LookParts, page: PageStyle): { section: string; card: string } {
  const section = ground ?? page.ground
  return { section, card: card ?? section }
}

/** Text and ground of a button and of a badge; null: what lies below is seen. */
export function buttonColours({ button, accent }: LookParts): { ink: string; ground: string | null } {
  return button === 'filled' ? { ink: readableOn(accent), ground: accent } : { ink: accent, ground: null }
}
export function badgeColours(parts: LookParts, page: PageStyle): { ink: string; ground: string | null } {
  const { badge, badgeColour } = parts
  if (badge === 'filled') return { ink: readableOn(badgeColour), ground: badgeColour }
  return { ink: badgeColour, ground: badge === 'tinted' ? mixed(badgeColour, groundsOf(parts, page).card, tint) : null }
}

/** Of a dark and a light colour the one that can be read better. */
const better = (dark: string, light: string, ground: string) => (contrast(dark, ground) >= contrast(light, ground) ? dark : light)

/** A look as the CSS custom properties that a shop sets on a section. */
export function lookStyle(parts: LookParts, page: PageStyle): LookStyle {
  const grounds = groundsOf(parts, page)
  const button = buttonColours(parts)
  const badge = badgeColours(parts, page)
  const hasFrame = parts.ground !== null || parts.border === 'section'
  const hasCards = parts.card !== null || parts.border === 'cards'
  return {
    '--section-ground': parts.ground ?? 'transparent',
    '--section-border': lines(parts.border === 'section', parts),
    '--section-inset': pixels(hasFrame ? inset.section : 0),
    '--section-corner': pixels(parts.corner),
    '--section-space': pixels(parts.space),
    '--section-gap': pixels(parts.gap),
    '--section-size': pixels(parts.textSize),
    '--section-ink': parts.ink,
    '--section-soft': parts.soft,
    '--section-line': parts.line,
    '--section-accent': parts.accent,
    '--section-on-accent': readableOn(parts.accent),
    '--section-out': better('#8c3a27', '#ffc2b0', grounds.card),
    '--section-few': better('#7a5200', '#f2cf86', grounds.card),
    '--card-ground': parts.card ?? 'transparent',
    '--card-solid': grounds.card,
    '--card-border': lines(parts.border === 'cards', parts),
    '--card-inset': pixels(hasCards ? inset.card : 0),
    '--row-line': hasCards ? '0 solid transparent' : `1px solid ${mixed(parts.line, grounds.section, 0.6)}`,
    // A corner within a corner is smaller by what lies between them.
    '--picture-corner': pixels(hasCards ? Math.max(0, parts.corner - 6) : parts.corner),
    '--button-ground': button.ground ?? 'transparent',
    '--button-ink': button.ink,
    '--button-line': parts.button === 'plain' ? 'transparent' : parts.accent,
    '--button-corner': pixels(parts.buttonCorner),
    '--badge-ground': badge.ground ?? 'transparent',
    '--badge-ink': badge.ink,
    '--badge-line': parts.badge === 'outlined' ? parts.badgeColour : 'transparent',
  }
}

/** What pages of the shop look like apart from their sections. */
export const pageLook = (page: PageStyle): LookStyle => ({
  '--page-ground': page.ground,
  '--page-text': fonts[page.textFont],
  '--page-head': fonts[page.headFont],
})
