<script setup lang="ts">
import { newPasswordAnswerSchema, shortestPassword } from '../../../core/access/people'
import { callApi } from '../../data/callApi'
import { useMe } from '../../data/me'
import { useMessages } from '../../data/messages'
import { accessWords } from './words'

const say = accessWords.password
/** Gives oneself another password, and ends what may have come in with the one before. */
defineProps<{ passkeys: number }>()
const emit = defineEmits<{ changed: [] }>()
const me = useMe()
const messages = useMessages()
const current = ref('')
const next = ref('')
const withoutPasskeys = ref(false)

async function change(): Promise<void> {
  const body = { current: current.value, next: next.value, withoutPasskeys: withoutPasskeys.value }
  try {
    const ended = await callApi(newPasswordAnswerSchema, '/api/account/password', { method: 'POST', body })
    current.value = next.value = ''
    withoutPasskeys.value = false
    messages.tell(say.changed(ended.sessions, ended.passkeys))
    emit('changed')
  } catch (error) {
    messages.refuse(error)
  }
}
</script>

<template>
  <section :aria-label="say.title">
    <h2>{{ say.title }}</h2>
    <p v-if="!me.person!.hasPassword" class="small soft">{{ say.none }}</p>
    <form v-else @submit.prevent="change">
      <label
        >{{ say.current }}<input v-model="current" class="plain-input" type="password" autocomplete="current-password" required
      /></label>
      <label
        >{{ say.next
        }}<input v-model="next" class="plain-input" type="password" autocomplete="new-password" :minlength="shortestPassword" required
      /></label>
      <p class="small soft">{{ say.ends }}</p>
      <label v-if="passkeys" class="choose"><input v-model="withoutPasskeys" type="checkbox" />{{ say.withoutPasskeys(passkeys) }}</label>
      <button type="submit" class="plain-button">{{ say.change }}</button>
    </form>
  </section>
</template>

<style scoped>
section {
  margin-top: 24px;
  padding-top: 18px;
  border-top: 1px solid var(--line-soft);
}
h2 {
  margin-bottom: 8px !important;
  font-size: 16px;
}
form {
  display: grid;
  gap: 12px;
  justify-items: start;
}
p {
  margin: 0;
}
label {
  display: grid;
  gap: 5px;
  width: min(360px, 100%);
  color: var(--ink-soft);
  font-size: 13px;
}
label.choose {
  display: flex;
  gap: 8px;
  align-items: baseline;
  width: auto;
  color: var(--ink);
}
input[type='checkbox'] {
  accent-color: var(--petrol);
}
</style>
