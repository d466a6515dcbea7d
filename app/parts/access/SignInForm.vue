<script setup lang="ts">
import type { Me } from '../../../core/access/people'
import { meSchema } from '../../../core/access/people'
import { ApiProblem, callApi } from '../../data/callApi'
import { useMe } from '../../data/me'
import { hasPasskeys, PasskeyNotUsed, signInWithPasskey } from '../../data/passkeys'
import { accessPartWords } from './words'

const say = accessPartWords.signInForm

/** Asks who one is. */
const emit = defineEmits<{ signedIn: [] }>()
const me = useMe()
const email = ref('')
const password = ref('')
const problem = ref('')
const isSending = ref(false)

async function attempt(work: () => Promise<Me>): Promise<void> {
  if (isSending.value) return
  isSending.value = true
  problem.value = ''
  try {
    me.take(await work())
    emit('signedIn')
  } catch (error) {
    if (!(error instanceof ApiProblem || error instanceof PasskeyNotUsed)) throw error
    problem.value = error instanceof PasskeyNotUsed ? say.passkeyNotUsed : error.message
  } finally {
    isSending.value = false
  }
}
const send = (path: string, body: object) => attempt(() => callApi(meSchema, path, { method: 'POST', body }))
const signIn = () => send('/api/sign-in', { email: email.value, password: password.value })
const goInAsDemo = () => send('/api/sign-in/demo', {})
const usePasskey = () => attempt(signInWithPasskey)
</script>

<template>
  <form class="sign-in" @submit.prevent="signIn">
    <label
      >{{ say.email
      }}<input
        v-model="email"
        class="plain-input"
        type="email"
        name="email"
        autocomplete="username"
        required
        :aria-invalid="Boolean(problem)"
    /></label>
    <label
      >{{ say.password
      }}<input
        v-model="password"
        class="plain-input"
        type="password"
        name="password"
        autocomplete="current-password"
        required
        :aria-invalid="Boolean(problem)"
    /></label>
    <p v-if="problem" class="wrong small" role="alert">{{ problem }}</p>
    <button type="submit" class="main-button" :disabled="isSending">{{ say.signIn }}</button>
    <button v-if="hasPasskeys(me.passkeysAt)" type="button" class="plain-button" :disabled="isSending" @click="usePasskey">
      {{ say.withPasskey }}
    </button>
    <div v-if="me.demo" class="demo">
      <button type="button" class="plain-button" :disabled="isSending" @click="goInAsDemo">{{ say.asDemo }}</button>
      <p class="small soft">{{ say.demoHint }}</p>
    </div>
  </form>
</template>

<style scoped>
.sign-in {
  display: grid;
  gap: 14px;
}
p {
  margin: 0;
}
.demo {
  display: grid;
  gap: 8px;
  margin-top: 6px;
  padding-top: 18px;
  border-top: 1px solid var(--line-soft);
}
</style>
