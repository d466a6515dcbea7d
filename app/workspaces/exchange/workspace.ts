import type { Workspace } from '../workspace'

export const exchange: Workspace = {
  name: 'Exchange',
  pages: [{ path: '/exchange', component: './exchange/ExchangeWorkspace.vue' }],
  keys: [{ name: 'Exchange', keys: [['O', 'Choose a file to import']] }],
}
