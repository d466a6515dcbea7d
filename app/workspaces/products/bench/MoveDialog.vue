<script setup lang="ts">
/** Asks for the place that a link moves to. */
const props = defineProps<{ name: string; from: number; places: number }>()
const emit = defineEmits<{ close: []; move: [place: number] }>()

const place = ref(String(props.from))
const wanted = computed(() => (/^\d+$/.test(place.value.trim()) ? Number(place.value) : null))
const possible = computed(() => wanted.value !== null && wanted.value >= 1 && wanted.value <= props.places)
const wrong = computed(() => (possible.value || !place.value ? '' : `Choose a place from 1 to ${props.places}.`))
</script>

<template>
  <AskDialog title="Move to place" verb="Move" :possible="possible" :width="340" @close="emit('close')" @go="emit('move', wanted!)">
    <p class="soft">{{ name }}</p>
    <v-text-field
      v-model="place"
      autofocus
      inputmode="numeric"
      :aria-label="`Place, 1 to ${places}`"
      :suffix="`of ${places}`"
      @focus="($event.target as HTMLInputElement).select()"
    />
    <p class="small wrong hint" role="alert">{{ wrong }}</p>
  </AskDialog>
</template>
