<script setup lang="ts">
import { fewSchema } from '../../../core/catalogue/shopSettings'
import { useStudioShop } from '../../data/studioShop'
import { settingsWords } from './words'
import { useSetting } from './useSetting'

const say = settingsWords.fewPart

/** Of how many shoppers are told that only a few are left. */
const studio = useStudioShop()
const { set, may } = useSetting()
const few = ref('')
/** What was typed is none of the numbers that can be. */
const isWrong = ref(false)
/** As the shop has it, again too when something else could not be set. */
const takeOver = () => (few.value = String(studio.shop?.settings.few ?? ''))
watch(() => studio.shop?.settings.few, takeOver, { immediate: true })

async function change(): Promise<void> {
  const { data } = fewSchema.safeParse(few.value === '' ? NaN : Number(few.value))
  isWrong.value = data === undefined
  if (data === undefined) takeOver()
  else if (data !== studio.shop?.settings.few && !(await set({ few: data }))) takeOver()
}
</script>

<template>
  <SettingPart :title="say.fewLeft" :hint="say.hint" admins>
    <label class="small"
      >{{ say.soMany }}<input v-model="few" class="plain-input" type="number" min="0" max="99" step="1" :disabled="!may" @change="change"
    /></label>
    <p v-if="isWrong" class="small wrong" role="alert">{{ say.aWholeNumber }}</p>
  </SettingPart>
</template>

<style scoped>
label {
  display: flex;
  align-items: center;
  gap: 10px;
}
input {
  width: 84px;
}
</style>
