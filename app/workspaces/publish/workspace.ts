import type { Workspace } from '../workspace'

export const publish: Workspace = {
  name: 'Publish',
  apart: true,
  pages: [
    { path: '/publish', component: './publish/PublishWorkspace.vue' },
    { path: '/releases/:open?', component: './publish/ReleasesWorkspace.vue' },
  ],
  keys: [
    {
      name: 'Publish',
      keys: [
        ['Ctrl Enter', 'Publish what is ticked'],
        ['J K', 'The next of the pages that change, or the one before'],
        ['B', 'Both pages side by side'],
      ],
    },
  ],
}
