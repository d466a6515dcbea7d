<script setup lang="ts">
import { z } from 'zod'
import type { PasskeyShown, PersonColour, SessionShown } from '../../../core/access/people'
import { meSchema, passkeysAnswerSchema, personColours, sessionsAnswerSchema } from '../../../core/access/people'
import { callApi } from '../../data/callApi'
import { useHistory } from '../../data/history'
import { useMe } from '../../data/me'
import { useMessages } from '../../data/messages'
import { useFollowing } from '../../data/useFollowing'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { useStudioShop } from '../../data/studioShop'
import { accessWords } from './words'

const say = accessWords.account
const studio = useStudioShop()
/** One's own name and colour, what one signs in with, and where one is signed in. */
const me = useMe()
const history = useHistory()
const messages = useMessages()
useWorkspaceTitle(say.title)
const person = computed(() => me.person!)
const name = ref(person.value.name)
const colour = ref<PersonColour>(person.value.colour)
const passkeys = shallowRef<PasskeyShown[]>([])
const sessions = shallowRef<SessionShown[] | null>(null)

async function loadSessions(): Promise<void> {
  sessions.value = (await callApi(sessionsAnswerSchema, '/api/account/sessions')).sessions
}
async function loadPasskeys(): Promise<void> {
  passkeys.value = (await callApi(passkeysAnswerSchema, '/api/account/passkeys')).passkeys
}
const loadWaysIn = () => Promise.all([loadSessions(), loadPasskeys()])
const load = () => Promise.all([history.load(), studio.load(), loadWaysIn()])
const stepped = useFollowing(async () => undefined)

async function attempt(work: () => Promise<string>): Promise<void> {
  try {
    messages.tell(await work())
  } catch (error) {
    messages.refuse(error)
  }
}
const endedSchema = z.object({ ended: z.int() })
const save = () =>
  attempt(async () => {
    me.take(await callApi(meSchema, '/api/account', { method: 'POST', body: { name: name.value, colour: colour.value } }))
    return say.saved
  })
const endOthers = () =>
  attempt(async () => {
    const { ended } = await callApi(endedSchema, '/api/account/sessions/end', { method: 'POST', body: {} })
    await loadSessions()
    return say.ended(ended)
  })
</script>

<template>
  <StudioFrame :load="load" :ready="sessions !== null" @stepped="stepped">
    <div class="page">
      <header>
        <PersonMark :name="name" :colour="colour" large />
        <div>
          <h1>{{ say.title }}</h1>
          <p class="soft">{{ say.role(person.role) }} {{ say.email(person.email) }}</p>
        </div>
      </header>
      <form :aria-label="say.yourName" @submit.prevent="save">
        <label
          >{{ say.yourName }}<input v-model="name" class="plain-input" type="text" autocomplete="name" maxlength="60" required
        /></label>
        <fieldset>
          <legend>{{ say.colour }}</legend>
          <button
            v-for="each in personColours"
            :key="each"
            type="button"
            class="colour"
            :aria-pressed="each === colour"
            :aria-label="each"
            @click="colour = each"
          >
            <PersonMark :name="name" :colour="each" />
          </button>
        </fieldset>
        <button type="submit" class="main-button">{{ say.save }}</button>
      </form>
      <PasswordPart :passkeys="passkeys.length" @changed="loadWaysIn" />
      <PasskeysPart v-model="passkeys" />
      <section :aria-label="say.sessions">
        <h2>{{ say.sessions }}</h2>
        <ul>
          <li v-for="each in sessions" :key="each.id">
            <b>{{ each.device }}</b> <span v-if="each.isThis" class="state live">{{ say.this }}</span>
            <span class="small soft">{{ say.since(studio.moment(each.begun)) }} · {{ say.seen(studio.moment(each.seen)) }}</span>
          </li>
        </ul>
        <button type="button" class="plain-button" :disabled="(sessions?.length ?? 0) < 2" @click="endOthers">{{ say.endOthers }}</button>
      </section>
      <p class="small">
        <a href="/licences.txt" target="_blank">{{ say.licences }}</a>
      </p>
    </div>
  </StudioFrame>
</template>

<style scoped>
.page {
  height: 100%;
  overflow-y: auto;
  padding: 22px 28px 40px;
  background: var(--sheet);
}
.page > * {
  max-width: 620px;
}
header {
  display: flex;
  gap: 14px;
  align-items: center;
}
h1 {
  font-size: 22px;
}
h2 {
  margin-bottom: 8px !important;
  font-size: 16px;
}
p {
  margin: 2px 0 0;
}
a {
  color: var(--petrol);
  font-weight: 600;
}
.page > p {
  margin-top: 28px;
}
form,
section {
  display: grid;
  gap: 12px;
  justify-items: start;
  margin-top: 24px;
  padding-top: 18px;
  border-top: 1px solid var(--line-soft);
}
label {
  display: grid;
  gap: 5px;
  width: min(360px, 100%);
  color: var(--ink-soft);
  font-size: 13px;
}
fieldset {
  display: flex;
  gap: 4px;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  margin-bottom: 5px;
  color: var(--ink-soft);
  font-size: 13px;
}
.colour {
  padding: 4px;
  border: 2px solid transparent;
  border-radius: 50%;
  background: none;
  cursor: pointer;
}
.colour[aria-pressed='true'] {
  border-color: var(--petrol);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: baseline;
  gap: 8px;
  padding: 5px 0;
}
</style>
