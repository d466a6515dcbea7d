import type { Layout } from '../../core/sections/section'

/** Layouts as people call them. */
export const layoutWords: Record<Layout, string> = { grid: 'grid', shelf: 'shelf', list: 'list' }
