<script setup lang="ts">
import type { Confirmation, PasskeyShown } from '../../../core/access/people'
import { passkeysAnswerSchema } from '../../../core/access/people'
import { callApi } from '../../data/callApi'
import { useMe } from '../../data/me'
import { useMessages } from '../../data/messages'
import { hasPasskeys, makePasskey, PasskeyNotUsed } from '../../data/passkeys'
import { useStudioShop } from '../../data/studioShop'
import { accessWords } from './words'

const say = accessWords.passkeys
const studio = useStudioShop()
/** One's passkeys: made in this browser, and taken away. */
const me = useMe()
const messages = useMessages()
const passkeys = defineModel<PasskeyShown[]>({ required: true })
const isConfirming = ref(false)
/** Whoever can show that it is them. */
const canConfirm = computed(() => me.person!.hasPassword || passkeys.value.length > 0)
const canMake = computed(() => hasPasskeys(me.passkeysAt))
const where = computed(() => (me.passkeysAt === null ? say.nowhere : say.elsewhere(me.passkeysAt)))
const usedWords = ({ used }: PasskeyShown) => (used ? say.used(studio.moment(used)) : say.unused)

/** Closing what the browser asks is no mistake: nothing has happened. */
async function make(confirmation: Confirmation): Promise<void> {
  const made = await makePasskey(confirmation).catch((error: unknown) => {
    if (!(error instanceof PasskeyNotUsed)) throw error
    return null
  })
  if (made) passkeys.value = made
  messages.tell(made ? say.made : say.notMade)
}
async function remove({ id, device }: PasskeyShown): Promise<void> {
  try {
    const path = `/api/account/passkeys/${encodeURIComponent(id)}`
    passkeys.value = (await callApi(passkeysAnswerSchema, path, { method: 'DELETE' })).passkeys
    messages.tell(say.removed(device))
  } catch (error) {
    messages.refuse(error)
  }
}
</script>

<template>
  <section :aria-label="say.title">
    <h2>{{ say.title }}</h2>
    <p class="small soft">{{ say.lead }}</p>
    <ul v-if="passkeys.length">
      <li v-for="each in passkeys" :key="each.id">
        <span
          ><b>{{ each.device }}</b> <span class="small soft">{{ say.since(studio.moment(each.made)) }} · {{ usedWords(each) }}</span></span
        >
        <button type="button" class="text-button" :aria-label="say.removeOf(each.device)" @click="remove(each)">{{ say.remove }}</button>
      </li>
    </ul>
    <p v-if="!canMake" class="small">{{ where }}</p>
    <p v-else-if="!canConfirm" class="small">{{ say.noPassword }}</p>
    <button v-else type="button" class="plain-button" @click="isConfirming = true">{{ say.make }}</button>
    <ConfirmDialog v-if="isConfirming" :lead="say.confirm" :has-passkey="passkeys.length > 0" :work="make" @close="isConfirming = false" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 12px;
  justify-items: start;
  margin-top: 24px;
  padding-top: 18px;
  border-top: 1px solid var(--line-soft);
}
h2 {
  font-size: 16px;
}
p {
  margin: 0;
}
ul {
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 16px;
  padding: 5px 0;
}
</style>
