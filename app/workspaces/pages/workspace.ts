import type { Workspace } from '../workspace'

export const pages: Workspace = {
  name: 'Pages',
  pages: [{ path: '/pages/:open?', component: './pages/PagesWorkspace.vue' }],
  keys: [
    {
      name: 'Pages',
      keys: [
        ['N', 'Add a page plan'],
        ['P', 'Publish'],
        ['V', 'Shop view, or the zones'],
        ['Alt ↑ ↓', 'Move a section, also into the next zone; or a plan'],
        ['Delete', 'Take a section off the page'],
        ['O', 'Switch a section off here, or on'],
        ['Enter', 'Open a section'],
      ],
    },
  ],
}
