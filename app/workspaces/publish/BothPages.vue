<script setup lang="ts">
import type { PageKind } from '../../../core/pageTypes/registry'
import type { ShownVersion } from '../../parts/preview/previewAddress'
import { publishWords } from './words'

const say = publishWords.bothPages

/** The shop's real page as it is beside what it would be, at any width, with a cart, a day and a language. */
defineProps<{ page: PageKind; about: string; name: string; version: ShownVersion }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <v-dialog :model-value="true" max-width="1600" height="94dvh" :aria-label="say.both" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio both">
      <PagePreview :page="page" :about="about" :of="'publish'" :version="version">
        <b>{{ name }}</b>
        <template #end><WhoAndWhen with-language /></template>
      </PagePreview>
      <div class="foot">
        <button type="button" class="plain-button" @click="emit('close')">{{ say.close }}</button>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.both {
  display: flex;
  flex-direction: column;
  height: 100%;
}
.foot {
  flex: none;
  display: flex;
  justify-content: flex-end;
  padding: 10px 16px;
  border-top: 1px solid var(--line);
}
</style>
