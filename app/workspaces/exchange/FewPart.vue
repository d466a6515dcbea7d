<script setup lang="ts">
import { fewSchema } from '../../../core/catalogue/shopSettings'
import { useStudioShop } from '../../data/studioShop'
import { exchangeWords } from './words'
import { useSetting } from './useSetting'

const say = exchangeWords.fewPart

/** Of how many shoppers are told that only a few are left. */
const studio = useStudioShop()
const { set, may } = useSetting()
const few = ref('')
/** As the shop has it, again too when something else could not be set. */
const takeOver = () => (few.value = String(studio.shop?.settings.few ?? ''))
watch(() => studio.shop?.settings.few, takeOver, { immediate: true })

async function change(): Promise<void> {
  const { data } = fewSchema.safeParse(few.value === '' ? NaN : Number(few.value))
  if (data === undefined) takeOver()
  else if (data !== studio.shop?.settings.few && !(await set({ type: 'setFew', few: data }))) takeOver()
}
</script>

<template>
  <article :aria-label="say.fewLeft" class="part">
    <div>
      <h3>{{ say.fewLeft }}</h3>
      <p class="small soft">{{ say.hint }} {{ may ? '' : say.admins }}</p>
    </div>
    <label class="small"
      >{{ say.soMany }}<input v-model="few" type="number" min="0" max="99" step="1" :disabled="!may" @change="change"
    /></label>
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
label {
  display: flex;
  align-items: center;
  gap: 10px;
}
input {
  width: 84px;
  height: 38px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  font: 14px/1.4 var(--text);
}
input:focus-visible {
  outline: 2px solid var(--petrol);
}
</style>
