<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { callApi } from '../../data/callApi'
import { commandAnswerSchema } from '../../../core/workbench/workbench'
import { exchangeWords } from './words'

const say = exchangeWords.timeZonePart

/** Where the shop's days begin and end. */
const studio = useStudioShop()
const history = useHistory()
const messages = useMessages()
/** Until the shop is there again after a change, it stays as it was. */
const zone = ref('UTC')
watch(
  () => studio.shop?.settings.timeZone,
  now => now && (zone.value = now),
  { immediate: true },
)
const zones = [...new Set(['UTC', ...Intl.supportedValuesOf('timeZone')])]
const now = useNow({ interval: 10_000 })
const time = computed(() =>
  new Intl.DateTimeFormat('en-GB', { timeZone: zone.value, weekday: 'long', hour: '2-digit', minute: '2-digit' }).format(now.value),
)
async function set(timeZone: string | null): Promise<void> {
  if (!timeZone || timeZone === zone.value) return
  try {
    const { words } = await callApi(commandAnswerSchema, '/api/commands', { method: 'POST', body: { type: 'setTimeZone', timeZone } })
    await Promise.all([studio.refresh(), history.load()])
    history.tellDone(`${words}.`)
  } catch (error) {
    messages.refuse(error)
  }
}
</script>

<template>
  <article :aria-label="say.timeZone" class="part">
    <div>
      <h3>{{ say.timeZone }}</h3>
      <p class="small soft">{{ say.whereTheShopsDaysBegin(time) }}</p>
    </div>
    <v-autocomplete
      :model-value="zone"
      :items="zones"
      auto-select-first
      :aria-label="say.theShopsTimeZone"
      class="zone"
      @update:model-value="set"
    />
  </article>
</template>

<style scoped>
article.part {
  display: grid;
  grid-template-columns: 1fr;
  gap: 10px;
  padding: 14px 0;
  border-top: 1px solid var(--line);
}
h3 {
  font-size: 14.5px;
}
p {
  margin: 2px 0 0;
}
</style>
