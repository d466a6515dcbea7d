import type { Workspace } from '../workspace'

export const bundles: Workspace = {
  name: 'Bundles',
  pages: [
    { path: '/bundles/:open?', component: './bundles/BundlesWorkspace.vue' },
    { path: '/offers/:open?', component: './bundles/OffersWorkspace.vue' },
  ],
  keys: [
    {
      name: 'Bundles and together offers',
      keys: [
        ['N', 'Add a bundle, or an offer'],
        ['P', 'Publish it'],
        ['C', 'What it costs and earns'],
        ['/', 'Find parts'],
        ['V', 'Its page in the shop'],
        ['O', 'Orders with it'],
        ['1 … 6', 'Put in what is picked, as the button with this number says'],
        ['Alt ↑ ↓', 'Move a part, or an offer'],
        ['Delete', 'Take a part out'],
      ],
    },
  ],
}
