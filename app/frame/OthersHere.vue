<script setup lang="ts">
import { usePresence } from '../data/presence'
import { frameWords } from './words'

const say = frameWords.othersHere
/** Who else has the studio open now. */
const presence = usePresence()
const most = 3
const shown = computed(() => presence.others.slice(0, most))
const names = computed(() => say.alsoHere(presence.others.map(each => each.name).join(', ')))
</script>

<template>
  <span v-if="shown.length" class="others" role="img" tabindex="0" :aria-label="names">
    <PersonMark v-for="each in shown" :key="each.id" :name="each.name" :colour="each.colour" class="mark" />
    <span v-if="presence.others.length > most" class="small soft">+{{ presence.others.length - most }}</span>
    <v-tooltip activator="parent" location="bottom">{{ names }}</v-tooltip>
  </span>
</template>

<style scoped>
.others {
  display: flex;
  align-items: center;
  margin-left: 4px;
}
.mark {
  border: 2px solid var(--paper);
}
.mark + .mark {
  margin-left: -8px;
}
</style>
