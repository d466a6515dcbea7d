import type { Workspace } from '../workspace'

export const sections: Workspace = {
  name: 'Sections',
  pages: [
    { path: '/sections/:open?', component: './sections/SectionsWorkspace.vue' },
    { path: '/looks/:open?', component: './sections/LooksWorkspace.vue' },
  ],
  keys: [
    {
      name: 'Sections and looks',
      keys: [
        ['N', 'Add a section, or a look'],
        ['T', 'Try it on another product'],
        ['P', 'Publish'],
        ['Alt ↑ ↓', 'Move a step'],
        ['Delete', 'Remove a step'],
      ],
    },
  ],
}
