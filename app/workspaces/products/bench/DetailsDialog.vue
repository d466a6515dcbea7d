<script setup lang="ts">
import type { MergedRow } from '../../../../core/workbench/mergedLane'
import type { LinkKind } from '../../../../core/links/kind'
import type { LinkDetails } from '../../../../core/links/lane'
import { useWorkbench } from './workbench'
import { useStudioShop } from '../../../data/studioShop'
import { benchWords } from '../words/bench'

const say = benchWords.detailsDialog

/** Asks from when until when a link is shown, and for a note. */
const props = defineProps<{ row: MergedRow; kind: LinkKind }>()
const emit = defineEmits<{ close: []; save: [details: LinkDetails] }>()
const studio = useStudioShop()
const bench = useWorkbench()

const from = ref(props.row.from?.slice(0, 10) ?? '')
const until = ref(props.row.until?.slice(0, 10) ?? '')
const note = ref(props.row.note ?? '')
const reversed = computed(() => Boolean(from.value && until.value && until.value < from.value))

function save(): void {
  emit('save', { from: from.value || null, until: until.value || null, note: note.value.trim() || null })
}
</script>

<template>
  <AskDialog :title="say.datesAndNote" :verb="say.save" :possible="!reversed" :width="420" @close="emit('close')" @go="save">
    <p class="soft">
      {{ say.as(row.name, studio.words(kind.name)) }} <template v-if="bench.several">{{ say.ofProducts(row.on.length) }}</template>
    </p>
    <div class="dates">
      <label>{{ say.shownFrom }}<input v-model="from" type="date" autofocus /></label>
      <label>{{ say.untilTheEndOf }}<input v-model="until" type="date" :min="from" /></label>
    </div>
    <p class="small hint" :class="reversed ? 'wrong' : 'soft'" role="status">
      {{ reversed ? say.withTheseDatesItWould : say.leftEmptyItIsShown }}
    </p>
    <label>{{ say.noteForMerchandisers }}<textarea v-model="note" rows="2" maxlength="500" /></label>
  </AskDialog>
</template>

<style scoped>
.dates {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
