<script setup lang="ts">
import type { LookParts, SectionLook } from '../../../core/looks/look'
import { houseKey } from '../../../core/looks/look'
import { lookPartWords } from '../../../core/looks/lookWords'
import { listed } from '../../../core/text/sentence'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { lookPartsWords } from './words'

const say = lookPartsWords.lookPart

/** The look of one section: which of those that sections share, and what it has otherwise. */
const props = defineProps<{ look: SectionLook }>()
const emit = defineEmits<{ change: [look: SectionLook, typing?: boolean] }>()
const store = useDrafts()
const studio = useStudioShop()

const presets = computed(() =>
  store.looks.flatMap(({ draft }) =>
    draft && draft.key !== houseKey
      ? { key: draft.key, name: studio.words(draft.name) || draft.key, parts: store.lookBook.partsOf({ preset: draft.key, own: {} }) }
      : [],
  ),
)
const parts = computed(() => store.lookBook.partsOf(props.look))
const under = computed(() => store.lookBook.partsOf({ ...props.look, own: {} }))
const presetName = computed(() => presets.value.find(each => each.key === props.look.preset)?.name ?? say.theShopsOwn)
const ownWords = computed(() => listed((Object.keys(props.look.own) as (keyof LookParts)[]).map(part => lookPartWords[part])))
const unfolded = ref(false)
const setOwn = (own: Partial<LookParts>, typing = false) => emit('change', { ...props.look, own }, typing)
/** What a section has of its own becomes a look that others can have too. */
async function share(): Promise<void> {
  const preset = await store.addLook({
    name: { [studio.shop!.settings.language]: say.changed(presetName.value) },
    parts: { ...store.lookDraftOf(props.look.preset)?.parts, ...props.look.own },
    page: null,
  })
  if (preset) emit('change', { preset, own: {} })
}
</script>

<template>
  <div class="look">
    <div class="presets" role="group" :aria-label="say.look">
      <button
        v-for="each in presets"
        :key="each.key"
        type="button"
        class="preset"
        :aria-pressed="each.key === look.preset"
        @click="emit('change', { ...look, preset: each.key })"
      >
        <LookSwatch :parts="each.parts" :page="store.lookBook.page" /><span class="cut">{{ each.name }}</span>
      </button>
    </div>
    <p class="say">
      <template v-if="ownWords"
        >{{ say.withOfItsOwnOn(Object.keys(look.own).length === 1 ? say.aWord : say.words, ownWords) }}{{ ' ' }}</template
      >
      <button type="button" class="text-button" :aria-expanded="unfolded" @click="unfolded = !unfolded">
        {{ unfolded ? say.foldAway : say.changeItHere }}
      </button>
      <button v-if="ownWords" type="button" class="text-button" @click="setOwn({})">{{ say.allAs(presetName) }}</button>
      <button v-if="ownWords" type="button" class="text-button" @click="share">{{ say.makeALookOfIt }}</button>
      <NuxtLink :to="`/looks/${look.preset}`" class="text-button">{{ say.changeEverywhere(presetName) }}</NuxtLink>
    </p>
    <LookProblems :parts="parts" :page="store.lookBook.page" @mend="part => setOwn({ ...look.own, ...part })" />
    <LookFields v-if="unfolded" :own="look.own" :under="under" :from="presetName" @change="setOwn" />
  </div>
</template>

<style scoped>
.look {
  display: grid;
  gap: 10px;
}
.presets {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.preset {
  display: grid;
  gap: 4px;
  justify-items: center;
  width: 86px;
  padding: 6px 6px 7px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
  color: var(--ink-soft);
  font: 12.5px/1.2 var(--text);
  cursor: pointer;
}
.preset:hover {
  border-color: #b9b09e;
}
.preset[aria-pressed='true'] {
  border-color: var(--petrol);
  box-shadow: inset 0 0 0 1px var(--petrol);
  background: var(--petrol-wash);
  color: var(--petrol-ink);
  font-weight: 600;
}
.preset .cut {
  max-width: 74px;
}
.say {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 14px;
  margin: 0;
  font-size: 13px;
}
.say a {
  text-decoration: none;
}
.say a:hover {
  text-decoration: underline;
}
</style>
