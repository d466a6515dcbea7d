<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { StoredPlan } from '../../../core/sections/sectionAnswers'
import { sectionsOf } from '../../../core/pagePlans/pagePlan'
import { isUnpublished } from '../../../core/sections/versions'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { useStudioShop } from '../../stores/studioShop'
import { pageWords } from '../../utils/sectionWords'
import PhDotsThree from '~icons/ph/dots-three-bold'
import PhEye from '~icons/ph/eye'
import PhSquaresFour from '~icons/ph/layout'

/** One page plan: its zones with the sections in them, or the shop's page as it will be. */
const props = defineProps<{ stored: StoredPlan }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useSectionDrafts()
const studio = useStudioShop()

const plan = computed(() => (props.stored.draft ?? props.stored.live)!)
const name = computed(() => studio.words(plan.value.name) || plan.value.key)
const isDefault = computed(() => plan.value.scope === null)
/** Sections that stand on it and are not published as they are. */
const unpublishedSections = computed(() => store.unpublished.sections.filter(key => sectionsOf(plan.value).includes(key)))
const unpublished = computed(() => isUnpublished(props.stored) || unpublishedSections.value.length > 0)
const publishing = ref(false)
const viewed = useLocalStorage('manada-plan-view', false)

const renaming = ref(false)
const newName = ref('')
function rename(): void {
  newName.value = name.value
  renaming.value = true
}
const language = computed(() => studio.shop!.settings.language)
async function double(): Promise<void> {
  const { page, scope, key } = plan.value
  const added = await store.addPlan({ page, name: { [language.value]: `${name.value} (copy)` }, scope: scope ?? { products: [], tags: [], brands: [], categories: [], price: null }, like: key })
  if (added) emit('open', added)
}
async function remove(): Promise<void> {
  if (await store.sendAndTell({ type: 'removePlan', key: plan.value.key }) && !store.plans.some(each => each.key === props.stored.key)) emit('open', null)
}
useShortcut('p', () => unpublished.value && (publishing.value = true))
useShortcut('v', () => viewed.value = !viewed.value)
</script>

<template>
  <section class="editor" aria-label="Page plan">
    <header>
      <h1 class="cut">{{ name }}</h1>
      <span v-if="name.toLowerCase() !== pageWords[plan.page]" class="soft kind">{{ pageWords[plan.page] }}</span>
      <span v-if="!stored.draft" class="state leaving">to be removed</span>
      <span v-else-if="isUnpublished(stored)" class="state draft">{{ stored.live ? 'changed' : 'draft' }}</span><span v-else class="state live">live</span>
      <span class="grow" />
      <button type="button" class="text-button view" :aria-pressed="viewed" aria-keyshortcuts="V" @click="viewed = !viewed">
        <PhSquaresFour v-if="viewed" width="18" height="18" /><PhEye v-else width="18" height="18" />{{ viewed ? 'Zones' : 'Shop view' }}<v-tooltip activator="parent" location="bottom">{{ viewed ? 'Where sections stand' : 'The page as it will be' }}<span class="key">V</span></v-tooltip>
      </button>
      <v-menu location="bottom end">
        <template #activator="{ props: menu }"><button type="button" class="icon-button" v-bind="menu" aria-label="More of this page plan"><PhDotsThree /></button></template>
        <v-list density="compact" class="studio">
          <v-list-item :disabled="!stored.draft" @click="rename"><v-list-item-title>Rename</v-list-item-title></v-list-item>
          <v-list-item :disabled="!stored.draft" @click="double"><v-list-item-title>Duplicate</v-list-item-title></v-list-item>
          <v-list-item :disabled="!stored.live || !isUnpublished(stored)" @click="store.sendAndTell({ type: 'discard', sections: [], plans: [stored.key] })"><v-list-item-title>Back to what is live</v-list-item-title></v-list-item>
          <v-list-item :disabled="!stored.draft || isDefault" @click="remove"><v-list-item-title>Remove</v-list-item-title></v-list-item>
        </v-list>
      </v-menu>
      <button type="button" class="main-button" :disabled="!unpublished" aria-keyshortcuts="P" @click="publishing = true">Publish<v-tooltip activator="parent" location="bottom">{{ unpublished ? 'What shoppers don’t have yet' : 'Shoppers have all of it' }}<span class="key">P</span></v-tooltip></button>
    </header>
    <div v-if="!stored.draft" class="leaving">
      <p>This plan is to be removed with the next publishing. Shoppers still have it.</p>
      <button type="button" class="plain-button" @click="store.sendAndTell({ type: 'discard', sections: [], plans: [stored.key] })">Keep it</button>
    </div>
    <PlanView v-else-if="viewed" :plan="stored.draft" />
    <PlanSchematic v-else :plan="stored.draft" />
    <AskDialog v-if="renaming" title="Rename the page plan" verb="Rename" :possible="newName.trim() !== ''" :width="380" @close="renaming = false" @go="store.changePlan(plan.key, { name: { ...plan.name, [language]: newName.trim() } })">
      <v-text-field v-model="newName" maxlength="100" autofocus aria-label="Name" />
    </AskDialog>
    <PublishDialog v-if="publishing" :sections="unpublishedSections" :plans="isUnpublished(stored) ? [stored.key] : []" :looks="[]" @close="publishing = false" />
  </section>
</template>

<style scoped>
.editor { display: flex; flex-direction: column; height: 100%; background: var(--paper); }
header { flex: none; display: flex; align-items: center; gap: 8px; height: 60px; padding: 0 14px 0 18px; border-bottom: 1px solid var(--line-soft); background: var(--sheet); }
h1 { font-size: 20px; line-height: 1.3; }
.kind { flex: 0 4 auto; min-width: 0; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
.grow { flex: 1; }
.view { display: flex; align-items: center; gap: 7px; padding: 6px 8px; white-space: nowrap; }
.leaving:not(.state) { display: grid; justify-items: start; gap: 12px; padding: 18px; }
.leaving p { margin: 0; }
</style>
