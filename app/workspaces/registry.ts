import { access } from './access/workspace'
import { bundles } from './bundles/workspace'
import { checks } from './checks/workspace'
import { exchange } from './exchange/workspace'
import { pages } from './pages/workspace'
import { products } from './products/workspace'
import { publish } from './publish/workspace'
import { results } from './results/workspace'
import { sections } from './sections/workspace'
import { settings } from './settings/workspace'
import type { Workspace } from './workspace'

/** All workspaces, those of the top bar in its order. */
export const workspaces: readonly Workspace[] = [products, bundles, sections, pages, checks, results, exchange, publish, access, settings]

/** The addresses that a workspace's pages begin with: “/bundles”, “/offers”. */
export const beginnings = ({ pages }: Workspace): string[] => pages.map(({ path }) => path.replace(/\/:.*/, ''))
