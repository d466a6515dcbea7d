<script setup lang="ts">
import { baseParts, basePage } from '../../../core/looks/builtInLooks'
import { houseKey } from '../../../core/looks/look'
import type { StoredLook } from '../../../core/sections/sectionAnswers'
import { isUnpublished } from '../../../core/sections/versions'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { useStudioShop } from '../../stores/studioShop'
import PhDotsThree from '~icons/ph/dots-three-bold'

/** One look, or the shop's own. Every change is a draft until it is published. */
const props = defineProps<{ stored: StoredLook }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useSectionDrafts()
const studio = useStudioShop()

const look = computed(() => (props.stored.draft ?? props.stored.live)!)
const name = computed(() => studio.words(look.value.name) || look.value.key)
const isHouse = computed(() => look.value.key === houseKey)
const parts = computed(() => store.lookBook.partsOf({ preset: look.value.key, own: {} }))
const under = computed(() => isHouse.value ? baseParts : store.lookBook.house)
const users = computed(() => store.sectionsWith(look.value.key))
const change = (settings: Parameters<typeof store.changeLook>[1]) => store.changeLook(look.value.key, settings)

const publishing = ref(false)
const renaming = ref(false)
const newName = ref('')
function rename(): void {
  newName.value = name.value
  renaming.value = true
}
const language = computed(() => studio.shop!.settings.language)
async function double(): Promise<void> {
  const key = await store.addLook({ name: { [language.value]: `${name.value} (copy)` }, parts: look.value.parts, page: null })
  if (key) emit('open', key)
}
async function remove(): Promise<void> {
  if (await store.sendAndTell({ type: 'removeLook', key: look.value.key }) && !store.looks.some(each => each.key === props.stored.key)) emit('open', null)
}
const discard = () => store.sendAndTell({ type: 'discard', sections: [], plans: [], looks: [props.stored.key] })
useShortcut('p', () => isUnpublished(props.stored) && (publishing.value = true))
</script>

<template>
  <section class="editor" aria-label="Look">
    <header>
      <h1 class="cut">{{ name }}</h1>
      <span v-if="!stored.draft" class="state leaving">to be removed</span>
      <span v-else-if="isUnpublished(stored)" class="state draft">{{ stored.live ? 'changed' : 'draft' }}</span><span v-else class="state live">live</span>
      <span class="grow" />
      <v-menu location="bottom end">
        <template #activator="{ props: menu }"><button type="button" class="icon-button" v-bind="menu" aria-label="More of this look"><PhDotsThree /></button></template>
        <v-list density="compact" class="studio">
          <v-list-item :disabled="!stored.draft" @click="rename"><v-list-item-title>Rename</v-list-item-title></v-list-item>
          <v-list-item :disabled="!stored.draft" @click="double"><v-list-item-title>Duplicate</v-list-item-title></v-list-item>
          <v-list-item :disabled="!stored.live || !isUnpublished(stored)" @click="discard"><v-list-item-title>Back to what is live</v-list-item-title></v-list-item>
          <v-list-item :disabled="!stored.draft || isHouse" @click="remove"><v-list-item-title>Remove</v-list-item-title></v-list-item>
        </v-list>
      </v-menu>
      <button type="button" class="main-button" :disabled="!isUnpublished(stored)" aria-keyshortcuts="P" @click="publishing = true">Publish<v-tooltip activator="parent" location="bottom">{{ isUnpublished(stored) ? 'What shoppers don’t have yet' : 'Shoppers have all of it' }}<span class="key">P</span></v-tooltip></button>
    </header>
    <div v-if="stored.draft" class="parts">
      <p class="used small">
        <template v-if="isHouse">All looks begin with it: what they don’t say themselves is as it is said here.</template>
        <template v-else-if="users.length">
          {{ users.length === 1 ? 'One section has it, and follows:' : `${users.length} sections have it, and follow:` }}
          <template v-for="(each, i) in users" :key="each.key"><template v-if="i">, </template><NuxtLink :to="`/sections/${each.key}`">{{ studio.words(each.heading) || each.key }}</NuxtLink></template>
        </template>
        <template v-else>No section has it yet. A section’s look is chosen in the section.</template>
      </p>
      <div class="part">
        <LookProblems :parts="parts" :page="store.lookBook.page" class="problems" @mend="part => change({ parts: { ...look.parts, ...part } })" />
        <HouseFields v-if="isHouse" :page="look.page ?? basePage" class="page" @change="page => change({ page: { ...look.page ?? basePage, ...page } })" />
        <LookFields :own="look.parts" :under="under" :from="isHouse ? 'Manada begins' : 'the shop’s own'" @change="own => change({ parts: own })" />
      </div>
      <div v-if="isHouse" class="part"><h2>Marks of brands</h2><BrandMarks /></div>
    </div>
    <div v-else class="gone">
      <p>This look is to be removed with the next publishing. Shoppers still have it.</p>
      <button type="button" class="plain-button" @click="discard">Keep it</button>
    </div>
    <AskDialog v-if="renaming" title="Rename the look" verb="Rename" :possible="newName.trim() !== ''" :width="380" @close="renaming = false" @go="change({ name: { ...look.name, [language]: newName.trim() } })">
      <v-text-field v-model="newName" maxlength="60" autofocus aria-label="Name" />
    </AskDialog>
    <PublishDialog v-if="publishing" :sections="[]" :plans="[]" :looks="[stored.key]" @close="publishing = false" />
  </section>
</template>

<style scoped>
.editor { display: flex; flex-direction: column; height: 100%; background: var(--sheet); }
header { flex: none; display: flex; align-items: center; gap: 8px; height: 60px; padding: 0 14px 0 18px; border-bottom: 1px solid var(--line-soft); }
h1 { font-size: 20px; line-height: 1.3; }
.grow { flex: 1; }
.parts { flex: 1; overflow-y: auto; }
.used { margin: 0; padding: 8px 18px; border-bottom: 1px solid var(--line-soft); background: var(--paper); color: var(--ink-soft); }
.used a { color: var(--petrol); font-weight: 600; }
.part { padding: 14px 18px 18px; border-bottom: 1px solid var(--line-soft); }
.part > h2 { margin-bottom: 6px; font-size: 14.5px; line-height: 1.3; }
.problems { margin-bottom: 12px; }
.page { margin-bottom: 14px; padding-bottom: 16px; border-bottom: 1px solid var(--line-soft); }
.gone { display: grid; justify-items: start; gap: 12px; padding: 18px; }
.gone p { margin: 0; }
</style>
