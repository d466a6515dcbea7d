import type { Workspace } from '../workspace'

export const products: Workspace = {
  name: 'Products',
  pages: [{ path: '/products/:open?', component: './products/ProductsWorkspace.vue' }],
  keys: [
    {
      name: 'Panes',
      keys: [
        ['/', 'Find targets to link'],
        ['L', 'To the product list'],
        ['B', 'To the lanes'],
        ['G', 'Suggested targets'],
        ['V', 'Shop view'],
        ['Y', 'Why each product is in the shop view or not'],
        ['H', 'History'],
        ['K', 'Kinds of links'],
        ['N', 'What counts for neighbours'],
        ['S', 'Find and shop view side by side'],
      ],
    },
    {
      name: 'Lists',
      keys: [
        ['↑ ↓', 'One row up or down'],
        ['Enter', 'Open on the bench'],
        ['Space', 'Mark a product or target, or let it go'],
        ['Shift ↑ ↓', 'Mark a range'],
        ['Ctrl A', 'Put all products found on the bench'],
        ['→', 'Show the variants of a target'],
        ['1 … 9', 'Link what is picked, as the kind with this number'],
        ['W', 'Link mutual kinds both ways, or not'],
        ['Esc', 'Let go of everything picked'],
        ['Enter, Del', 'Link a suggestion, or dismiss it'],
      ],
    },
    {
      name: 'In a lane',
      keys: [
        ['← → ↑ ↓', 'From link to link, from lane to lane'],
        ['Alt ← →', 'Move the link one place'],
        ['Alt Home / End', 'Move it to the first or last place'],
        ['M', 'Move it to a place by number'],
        ['D', 'Dates and note'],
        ['A', 'Link it to all products on the bench'],
        ['R', 'Link back from it'],
        ['Delete', 'Remove the link'],
        ['Enter', 'Open its target on the bench'],
      ],
    },
  ],
}
