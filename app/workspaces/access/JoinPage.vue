<script setup lang="ts">
import type { z } from 'zod'
import { invitationSchema, meSchema, shortestPassword } from '../../../core/access/people'
import { ApiProblem, callApi } from '../../data/callApi'
import { useMe } from '../../data/me'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { accessWords } from './words'

const say = accessWords.join
/** Where an invitation's link leads: somebody becomes a person here. */
const me = useMe()
const key = ref('')
const invitation = shallowRef<z.infer<typeof invitationSchema> | null>(null)
const isOver = ref(false)
const name = ref('')
const email = ref('')
const password = ref('')
const problem = ref('')
const isSending = ref(false)
useWorkspaceTitle(say.welcome)

onMounted(async () => {
  key.value = location.hash.slice(1)
  try {
    invitation.value = await callApi(invitationSchema, '/api/join/invitation', { method: 'POST', body: { key: key.value } })
    name.value = invitation.value.name
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    if (error.details.status === 404 || error.details.status === 400) isOver.value = true
    else problem.value = error.message
  }
})

async function join(): Promise<void> {
  if (isSending.value) return
  isSending.value = true
  problem.value = ''
  try {
    const body = { key: key.value, name: name.value, email: email.value, password: password.value }
    me.take(await callApi(meSchema, '/api/join', { method: 'POST', body }))
    await navigateTo('/products', { replace: true })
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error
    // What is wrong with a field stands behind its name.
    problem.value = error.message.replace(/\b(name|email|password|key): /g, '')
  } finally {
    isSending.value = false
  }
}
</script>

<template>
  <EntryFrame :title="isOver ? say.over : say.welcome">
    <div v-if="isOver" class="over">
      <p>{{ say.overHint }}</p>
      <NuxtLink to="/sign-in" class="link">{{ say.toSignIn }}</NuxtLink>
    </div>
    <form v-else-if="invitation" @submit.prevent="join">
      <p class="soft">{{ invitation.until ? say.lead(invitation.role) : say.leadFirst }}</p>
      <label>{{ say.name }}<input v-model="name" class="plain-input" name="name" autocomplete="name" required maxlength="60" /></label>
      <label
        >{{ say.email
        }}<input v-model="email" class="plain-input" type="email" name="email" autocomplete="username" required maxlength="254"
      /></label>
      <label
        >{{ say.password
        }}<input
          v-model="password"
          class="plain-input"
          type="password"
          name="password"
          autocomplete="new-password"
          required
          :minlength="shortestPassword"
          maxlength="256"
          aria-describedby="password-hint"
      /></label>
      <p id="password-hint" class="small soft">{{ say.passwordHint(shortestPassword) }}</p>
      <p v-if="problem" class="wrong small" role="alert">{{ problem }}</p>
      <button type="submit" class="main-button" :disabled="isSending">{{ say.enter }}</button>
    </form>
    <p v-else-if="problem" class="wrong" role="alert">{{ problem }}</p>
  </EntryFrame>
</template>

<style scoped>
form,
.over {
  display: grid;
  gap: 14px;
}
p {
  margin: 0;
}
#password-hint {
  margin-top: -8px;
}
.link {
  color: var(--petrol);
  font-weight: 600;
}
</style>
