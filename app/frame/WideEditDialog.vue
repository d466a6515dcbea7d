<script setup lang="ts">
import { useHistory } from '../data/history'
import { useStudioShop } from '../data/studioShop'
import { frameWords } from './words'

const say = frameWords.wideEditDialog

/** Before many lanes are written: how many they are, and what becomes of the largest. Ceilings are kept unless somebody says otherwise. */
const history = useHistory()
const studio = useStudioShop()
const isPast = ref(false)
watch(
  () => history.asked,
  () => (isPast.value = false),
)
const wide = computed(() => history.asked?.wide ?? null)
const reach = computed(() => (isPast.value ? wide.value?.all : wide.value?.kept) ?? null)
const words = computed(() => {
  const { added, removed, largest } = reach.value ?? { added: 0, removed: 0, largest: null }
  const kind = studio.allKinds.find(each => each.key === largest?.kind)
  const ceiling = kind?.ceiling ? say.ceiling(kind.ceiling) : ''
  return [
    added > 0 && say.adds(added),
    removed > 0 && say.removes(removed),
    largest && say.largest(wide.value!.largestName || largest.source, largest.links, (kind && studio.words(kind.plural)) ?? '', ceiling),
  ]
    .filter(Boolean)
    .join(' ')
})
/** Links that are left out as long as ceilings are kept. */
const leftOut = computed(() => (wide.value ? wide.value.all.added - wide.value.kept.added : 0))
</script>

<template>
  <AskDialog
    v-if="reach"
    :title="say.title(reach.lanes)"
    :verb="say.verb(reach.lanes)"
    :possible="reach.lanes > 0"
    :width="460"
    @go="history.answerAsked(isPast ? 'all' : 'kept')"
    @close="history.answerAsked(null)"
  >
    <p>{{ words }}</p>
    <label v-if="leftOut" class="past"
      ><input v-model="isPast" type="checkbox" /><span
        ><b>{{ say.pastCeilings(wide!.all.pastCeiling) }}</b
        ><span class="small soft">{{ say.leftOut(leftOut) }}</span></span
      ></label
    >
  </AskDialog>
</template>

<style scoped>
.past {
  display: flex;
  align-items: baseline;
  gap: 10px;
  margin-top: 6px;
}
.past span {
  display: grid;
  gap: 2px;
}
.past b {
  font-weight: 550;
}
input {
  accent-color: var(--petrol);
}
</style>
