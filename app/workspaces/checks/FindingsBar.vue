<script setup lang="ts">
import { maxMended } from '../../../core/records/putAside/checkCommandSchema'
import { checksWords } from './words'

const say = checksWords.findingsBar

/** What can be done with the findings of a check: those that are marked, or all of them. */
const props = defineProps<{
  total: number
  /** How many are marked. */ marked: number
  /** In words what mends one and what mends several; null: nothing does. */ mend: { one: string; several: string } | null
  /** The findings that were put aside are shown. */ isAside: boolean
  /** One check is shown, and it is not put aside as a whole. */ isCounted: boolean
  /** The products that are marked can be put on the bench. */ isOnBench: boolean
  busy: boolean
}>()
const emit = defineEmits<{ mend: []; mendAll: []; open: []; reopen: []; putAside: []; putCheckAside: []; letGo: [] }>()

const mendAllWords = computed(() => {
  let which = props.total > 1 ? say.all(props.total) : say.it
  if (props.total > maxMended) which = say.theFirst(maxMended.toLocaleString('en'))
  return props.mend?.several.replace('{n}', which)
})
const mendKeyWords = computed(() => props.mend?.one.toLowerCase())
</script>

<template>
  <div class="bar">
    <template v-if="marked">
      <span class="marked">{{ say.marked(marked.toLocaleString('en')) }}</span>
      <button v-if="mend" type="button" class="main-button" @click="emit('mend')">{{ mend.one }}<span class="key">M</span></button>
      <button v-if="isOnBench" type="button" class="plain-button" @click="emit('open')">{{ say.openOnTheBench }}</button>
      <button v-if="isAside" type="button" class="plain-button" @click="emit('reopen')">{{ say.takeUpAgain }}</button>
      <button v-else type="button" class="plain-button" @click="emit('putAside')">{{ say.putAside }}</button>
      <button type="button" class="text-button" @click="emit('letGo')">{{ say.letGo }}</button>
    </template>
    <template v-else-if="isCounted">
      <button v-if="mend" type="button" class="plain-button" :disabled="busy" @click="emit('mendAll')">
        {{ mendAllWords }}
      </button>
      <button type="button" class="text-button" @click="emit('putCheckAside')">{{ say.putTheWholeCheckAside }}</button>
    </template>
    <span class="grow" />
    <span class="small soft keys"
      ><span class="key">Enter</span> {{ say.open }} <template v-if="mend"><span class="key">M</span> {{ mendKeyWords }} </template
      ><span class="key">A</span> {{ isAside ? say.takeUpAgainWord : say.putAside2 }} <span class="key">Space</span> {{ say.mark }}</span
    >
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 36px;
  margin-top: 12px;
}
.bar .main-button,
.bar .plain-button {
  height: 32px;
  padding: 0 13px;
  font-size: 13.5px;
}
.marked {
  font-weight: 600;
}
.main-button .key {
  margin-left: 8px;
  background: none;
  border-color: rgb(255 255 255 / 0.4);
  color: #fff;
}
.grow {
  flex: 1;
}
.keys {
  white-space: nowrap;
}
.keys .key {
  margin-left: 8px;
}
</style>
