<script setup lang="ts">
import { useStudioShop } from '../../data/studioShop'
import { languageName } from './languageName'
import { useTranslatedThing } from './translatedThing'
import { namingWords } from './words'

const say = namingWords.olderWords

/** Says below a translation that it was made from other words than the shop’s own are now, and takes it that it still fits. */
const props = defineProps<{ text: string; language: string }>()
const studio = useStudioShop()
const thing = useTranslatedThing()
const madeFrom = computed(() => thing?.madeFrom(props.text, props.language) ?? null)
const own = computed(() => languageName(studio.shop!.settings.language))
const shown = useTemplateRef('shown')
/** These words go, and the button with them: the field that stands above it has the focus then. */
function keep(): void {
  shown.value?.previousElementSibling?.querySelector<HTMLElement>('input, textarea')?.focus()
  thing!.keep(props.text, props.language)
}
</script>

<template>
  <p v-if="madeFrom !== null" ref="shown" class="older small">
    <span>{{ say.wasWritten(own, madeFrom) }}</span>
    {{ ' ' }}
    <button type="button" class="text-button" @click="keep">
      {{ say.stillFits }}<v-tooltip activator="parent" location="bottom">{{ say.stillFitsHint }}</v-tooltip>
    </button>
  </p>
</template>

<style scoped>
.older {
  margin: 3px 0 0;
  color: var(--saffron-ink);
}
span {
  overflow-wrap: anywhere;
}
</style>
