<script setup lang="ts">
import type { VersionChoice } from './useShownVersion'
import { previewWords } from './words'

const say = previewWords.shownVersion

/** As what shop pages are shown, to be changed where there is something to choose from. */
defineProps<{ choices: readonly VersionChoice[]; chosen: VersionChoice }>()
const emit = defineEmits<{ choose: [key: VersionChoice['key']] }>()
</script>

<template>
  <v-menu v-if="choices.length > 1" location="bottom end">
    <template #activator="{ props: menu }"
      ><button type="button" class="text-button version" v-bind="menu">
        {{ chosen.words }}<v-tooltip activator="parent" location="bottom">{{ say.asWhat }}</v-tooltip>
      </button></template
    >
    <v-list density="compact" class="studio"
      ><v-list-item
        v-for="each in choices"
        :key="each.key"
        :active="each.key === chosen.key"
        color="primary"
        @click="emit('choose', each.key)"
        ><v-list-item-title>{{ each.words }}</v-list-item-title></v-list-item
      ></v-list
    >
  </v-menu>
</template>

<style scoped>
.version {
  padding: 6px 8px;
  white-space: nowrap;
}
</style>
