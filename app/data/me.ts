import { z } from 'zod'
import type { Me } from '../../core/access/people'
import { meSchema } from '../../core/access/people'
import type { Role } from '../../core/access/roles'
import { isAtLeast } from '../../core/access/roles'
import { callApi } from './callApi'

/** Who works in this studio, and what they may do. */
export const useMe = defineStore('me', () => {
  const me = shallowRef<Me | null>(null)
  const person = computed(() => me.value?.person ?? null)

  return {
    person,
    /** The demo can be tried without signing in. */
    demo: computed(() => me.value?.demo ?? false),
    /** Where passkeys can be used; null: nowhere, or not known yet. */
    passkeysAt: computed(() => me.value?.passkeysAt ?? null),
    may: (role: Role) => person.value !== null && isAtLeast(person.value.role, role),
    take: (next: Me) => (me.value = next),
    async load(): Promise<void> {
      me.value ??= await callApi(meSchema, '/api/me')
    },
    async signOut(): Promise<void> {
      await callApi(z.any(), '/api/sign-out', { method: 'POST' })
      // Nothing of what this person saw stays in the window.
      location.assign('/sign-in')
    },
  }
})
