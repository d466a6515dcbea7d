import type { Workspace } from '../workspace'

export const checks: Workspace = {
  name: 'Checks',
  pages: [{ path: '/checks/:open?', component: './checks/ChecksWorkspace.vue' }],
  keys: [
    {
      name: 'Checks',
      keys: [
        ['Enter', 'Open where it is mended'],
        ['M', 'Mend: unlink, link back or shorten'],
        ['A', 'Put aside, or take up again'],
        ['Space', 'Mark a finding, or let it go'],
      ],
    },
  ],
}
