import type { Workspace } from '../workspace'

export const access: Workspace = {
  name: 'People',
  apart: true,
  pages: [
    { path: '/people', component: './access/PeopleWorkspace.vue' },
    { path: '/account', component: './access/AccountWorkspace.vue' },
    { path: '/sign-in', component: './access/SignInPage.vue' },
    { path: '/join', component: './access/JoinPage.vue' },
  ],
  keys: [],
}
