import { plainLook } from '../looks/look'
import type { Display, Layout } from './display'
import { compactLayouts, displayFor } from './display'
import type { Section } from './section'
import { noOtherHeadings, plainButtons } from './section'

/** What sections did not have from the first. */
type Added = 'internalName' | 'otherHeadings' | 'display' | 'buttons' | 'look'

/** A section as any version of Manada has written it, in today's form and looking as it did. */
export function upgradeSection(stored: Omit<Section, Added> & Partial<Pick<Section, Added>>): Section {
  return {
    ...stored,
    internalName: stored.internalName ?? '',
    otherHeadings: stored.otherHeadings ?? noOtherHeadings,
    buttons: stored.buttons ?? plainButtons,
    display: stored.display ? withIcon(stored.display, stored.layout) : displayFor(stored.layout),
    // Compact layouts had a frame of themselves.
    look: stored.look ?? (compactLayouts.includes(stored.layout) ? { preset: 'framed', own: {} } : plainLook),
  }
}

/** Before headings had an icon, those of compact layouts were drawn one size smaller than they said. */
function withIcon(display: Display, layout: Layout): Display {
  const { heading } = display
  if ('icon' in heading) return display
  const smaller = { small: 'small', medium: 'small', large: 'medium' } as const
  const { size, align } = heading as Display['heading']
  return { ...display, heading: { size: compactLayouts.includes(layout) ? smaller[size] : size, align, icon: null } }
}
