<script setup lang="ts">
import type { PasskeyShown } from '../../../core/access/people'
import { passkeysAnswerSchema } from '../../../core/access/people'
import { callApi } from '../../data/callApi'
import { useMe } from '../../data/me'
import { useMessages } from '../../data/messages'
import { hasPasskeys, makePasskey, PasskeyNotUsed } from '../../data/passkeys'
import { momentWords } from '../../elements/dayWords'
import { accessWords } from './words'

const say = accessWords.passkeys
/** One's passkeys: made in this browser, and taken away. */
const me = useMe()
const messages = useMessages()
const passkeys = shallowRef<PasskeyShown[]>([])
const isMaking = ref(false)
const canMake = computed(() => hasPasskeys(me.passkeysAt))
const where = computed(() => (me.passkeysAt === null ? say.nowhere : say.elsewhere(me.passkeysAt)))
const usedWords = ({ used }: PasskeyShown) => (used ? say.used(momentWords(used)) : say.unused)

onMounted(() => attempt(async () => void (passkeys.value = (await callApi(passkeysAnswerSchema, '/api/account/passkeys')).passkeys)))

async function attempt(work: () => Promise<unknown>): Promise<void> {
  try {
    await work()
  } catch (error) {
    if (error instanceof PasskeyNotUsed) messages.tell(say.notMade)
    else messages.refuse(error)
  }
}
async function make(): Promise<void> {
  if (isMaking.value) return
  isMaking.value = true
  await attempt(async () => {
    passkeys.value = await makePasskey()
    messages.tell(say.made)
  })
  isMaking.value = false
}
const remove = ({ id, device }: PasskeyShown) =>
  attempt(async () => {
    const path = `/api/account/passkeys/${encodeURIComponent(id)}`
    passkeys.value = (await callApi(passkeysAnswerSchema, path, { method: 'DELETE' })).passkeys
    messages.tell(say.removed(device))
  })
</script>

<template>
  <section :aria-label="say.title">
    <h2>{{ say.title }}</h2>
    <p class="small soft">{{ say.lead }}</p>
    <ul v-if="passkeys.length">
      <li v-for="each in passkeys" :key="each.id">
        <span
          ><b>{{ each.device }}</b> <span class="small soft">{{ say.since(momentWords(each.made)) }} · {{ usedWords(each) }}</span></span
        >
        <button type="button" class="text-button" :aria-label="say.removeOf(each.device)" @click="remove(each)">{{ say.remove }}</button>
      </li>
    </ul>
    <button v-if="canMake" type="button" class="plain-button" :disabled="isMaking" @click="make">{{ say.make }}</button>
    <p v-else class="small">{{ where }}</p>
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
