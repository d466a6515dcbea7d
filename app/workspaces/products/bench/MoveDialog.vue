<script setup lang="ts">
import { benchWords } from '../words/bench'

const say = benchWords.moveDialog
/** Asks for the place that a link moves to. */
const props = defineProps<{ name: string; from: number; places: number }>()
const emit = defineEmits<{ close: []; move: [place: number] }>()

const place = ref(String(props.from))
const wanted = computed(() => (/^\d+$/.test(place.value.trim()) ? Number(place.value) : null))
const possible = computed(() => wanted.value !== null && wanted.value >= 1 && wanted.value <= props.places)
const wrong = computed(() => (possible.value || !place.value ? '' : say.chooseAPlaceFrom1(props.places)))
</script>

<template>
  <AskDialog :title="say.moveToPlace" :verb="say.move" :possible="possible" :width="340" @close="emit('close')" @go="emit('move', wanted!)">
    <p class="soft">{{ name }}</p>
    <v-text-field
      v-model="place"
      autofocus
      inputmode="numeric"
      :aria-label="say.place1To(places)"
      :suffix="say.of(places)"
      @focus="($event.target as HTMLInputElement).select()"
    />
    <p class="small wrong hint" role="alert">{{ wrong }}</p>
  </AskDialog>
</template>
