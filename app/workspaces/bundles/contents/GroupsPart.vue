<script setup lang="ts">
import type { OptionGroup } from '../../../../core/catalogue/bundle'
import type { Bundle } from '../../../../core/catalogue/bundle'
import { useBundles } from '../bundles'
import { contentsWords } from '../words/contents'

const say = contentsWords.groupsPart

/** The groups of a bundle with choices. */
const props = defineProps<{ bundle: Extract<Bundle, { type: 'choice' }> }>()
const emit = defineEmits<{ find: [] }>()
const store = useBundles()
const set = (key: string, group: OptionGroup | null, typed = false) =>
  store.changeBundle({ ...props.bundle, groups: props.bundle.groups.flatMap(each => (each.key === key ? (group ?? []) : each)) }, typed)
</script>

<template>
  <section v-if="!bundle.groups.length" class="part" :aria-label="say.groups">
    <h2>
      {{ say.groups }}<span class="grow" /><button type="button" class="text-button" @click="emit('find')">{{ say.findProducts }}</button>
    </h2>
    <p class="soft small">
      {{ say.whatShoppersChooseTogetherNames }}
    </p>
  </section>
  <GroupCard
    v-for="group in bundle.groups"
    :key="group.key"
    :group="group"
    @change="(next, typed) => set(group.key, next, typed)"
    @remove="set(group.key, null)"
    @find="emit('find')"
  />
</template>

<style scoped>
.part {
  padding: 14px 18px;
  border-bottom: 1px solid var(--line-soft);
}
h2 {
  display: flex;
  align-items: baseline;
  font-size: 14.5px;
}
.grow {
  flex: 1;
}
p {
  margin: 6px 0 4px;
  max-width: 60ch;
}
</style>
