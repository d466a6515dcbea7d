<script setup lang="ts">
import type { Confirmation } from '../../../core/access/people'
import { ApiProblem } from '../../data/callApi'
import { useMe } from '../../data/me'
import { passkeyOfOneself, PasskeyNotUsed } from '../../data/passkeys'
import { accessWords } from './words'

const say = accessWords.confirm
/** Asks somebody who is signed in to show once more that it is them, before something that lasts longer than the session. */
const props = defineProps<{ lead: string; hasPasskey: boolean; work: (confirmation: Confirmation) => Promise<void> }>()
const emit = defineEmits<{ close: [] }>()
const me = useMe()
const title = useId()
const password = ref('')
const problem = ref('')
const isBusy = ref(false)

async function attempt(confirmed: () => Promise<Confirmation>): Promise<void> {
  if (isBusy.value) return
  isBusy.value = true
  problem.value = ''
  try {
    await props.work(await confirmed())
    emit('close')
  } catch (error) {
    if (!(error instanceof ApiProblem || error instanceof PasskeyNotUsed)) throw error
    problem.value = error instanceof PasskeyNotUsed ? say.notUsed : error.message
  } finally {
    isBusy.value = false
  }
}
const byPassword = () => attempt(async () => ({ password: password.value }))
const byPasskey = () => attempt(async () => ({ passkey: await passkeyOfOneself() }))
</script>

<template>
  <v-dialog :model-value="true" max-width="420" :aria-labelledby="title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <form @submit.prevent="byPassword">
        <h2 :id="title">{{ say.title }}</h2>
        <p class="soft">{{ lead }}</p>
        <label v-if="me.person!.hasPassword"
          >{{ say.password
          }}<input v-model="password" type="password" autocomplete="current-password" required :aria-invalid="Boolean(problem)"
        /></label>
        <p v-if="problem" class="wrong small" role="alert">{{ problem }}</p>
        <div class="ways">
          <button type="button" class="plain-button" @click="emit('close')">{{ say.leaveIt }}</button>
          <button v-if="hasPasskey" type="button" class="plain-button" :disabled="isBusy" @click="byPasskey">{{ say.byPasskey }}</button>
          <button v-if="me.person!.hasPassword" type="submit" class="main-button" :disabled="isBusy">{{ say.goOn }}</button>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.wrong {
  margin-top: 10px;
}
</style>
