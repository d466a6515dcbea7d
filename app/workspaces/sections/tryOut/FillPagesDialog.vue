<script setup lang="ts">
import type { PageList } from '../../../../core/studio/sectionAnswers'
import { tryOutWords } from '../words/tryOut'

const say = tryOutWords.fillPagesDialog

/** Pages on which a section is filled alike, each with its way to the bench. */
const props = defineProps<{ list: PageList; title: string; words: string }>()
const emit = defineEmits<{ close: [] }>()

const further = computed(() => {
  const count = props.list.total - props.list.pages.length
  return count > 0 ? count.toLocaleString('en') : ''
})
const maxTogether = 20
/** The bench takes so many at once. */
const together = computed(() => props.list.pages.flatMap(each => each.sku ?? []).slice(0, maxTogether))
const benchOf = (sources: readonly string[]) => `/products/${sources.map(encodeURIComponent).join()}`
const togetherWords = computed(() => {
  const which = props.list.pages.length > maxTogether ? say.theFirst(maxTogether) : say.products(together.value.length)
  return say.openOnTheBench(which)
})
</script>

<template>
  <v-dialog :model-value="true" max-width="560" aria-labelledby="fill-title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <h2 id="fill-title">{{ title }}</h2>
      <p class="soft">{{ words }}</p>
      <ul class="rows">
        <li v-for="row in list.pages" :key="row.source ?? ''">
          <NuxtLink v-if="row.source" :to="benchOf([row.source])"
            ><ProductPicture v-if="row.sku" :src="row.image" class="thumb" /><span class="cut name">{{ row.name }}</span
            ><span class="mono">{{ row.sku }}</span></NuxtLink
          >
          <span v-else class="name">{{ row.name }}</span>
        </li>
      </ul>
      <p v-if="further" class="small soft">{{ say.andMore(further) }}</p>
      <div class="ways">
        <button type="button" class="plain-button" @click="emit('close')">{{ say.close }}</button>
        <NuxtLink v-if="together.length" class="main-button link" :to="benchOf(together)">{{ togetherWords }}</NuxtLink>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
li .small {
  font-weight: 400;
}
.rows {
  margin: 0;
  padding: 0;
  max-height: 46dvh;
  overflow-y: auto;
  list-style: none;
}
.thumb {
  width: 30px;
  height: 30px;
}
.name {
  flex: 1;
  font-weight: 550;
}
.link {
  display: inline-grid;
  place-items: center;
  text-decoration: none;
}
.rows a {
  display: flex;
  align-items: center;
  gap: 10px;
  height: 42px;
  border-bottom: 1px solid var(--line-soft);
  color: inherit;
  text-decoration: none;
}
.rows a:hover .name {
  text-decoration: underline;
  text-underline-offset: 2px;
}
</style>
