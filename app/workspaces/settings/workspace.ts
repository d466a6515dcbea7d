import type { Workspace } from '../workspace'

export const settings: Workspace = {
  name: 'Settings',
  apart: true,
  pages: [
    { path: '/settings', component: './settings/SettingsWorkspace.vue' },
    { path: '/start', component: './settings/StartWorkspace.vue' },
  ],
  keys: [],
}
