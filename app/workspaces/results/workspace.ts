import type { Workspace } from '../workspace'

export const results: Workspace = {
  name: 'Results',
  pages: [{ path: '/results/:open?', component: './results/ResultsWorkspace.vue' }],
  keys: [
    {
      name: 'Results',
      keys: [
        ['/', 'Find an order'],
        ['↑ ↓', 'The next order, or the one before'],
      ],
    },
  ],
}
