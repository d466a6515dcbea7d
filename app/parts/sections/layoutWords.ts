import type { Layout } from '../../../core/sections/display'

/** Layouts as people call them. */
export const layoutWords: Record<Layout, string> = {
  grid: 'grid',
  shelf: 'shelf',
  list: 'list',
  comparison: 'comparison table',
  checklist: 'checklist',
  spotlight: 'spotlight',
  tiles: 'tiles of categories',
}
