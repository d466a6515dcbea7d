<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { StoredPlan } from '../../../core/studio/draftAnswers'
import { sectionsOf } from '../../../core/pagePlans/pagePlan'
import { isUnpublished } from '../../../core/sections/versions'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { pageWords } from '../../parts/sections/sectionWords'
import PhEye from '~icons/ph/eye'
import PhSquaresFour from '~icons/ph/layout'
import { useShortcut } from '../../elements/useShortcut'
import { pagesWords } from './words'

const say = pagesWords.planEditor

/** One page plan: its zones with the sections in them, or the shop's page as it will be. */
const props = defineProps<{ stored: StoredPlan }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useDrafts()
const studio = useStudioShop()

const plan = computed(() => (props.stored.draft ?? props.stored.live)!)
const name = computed(() => studio.words(plan.value.name) || plan.value.key)
const isDefault = computed(() => plan.value.scope === null)
/** Sections that stand on it and are not published as they are. */
const unpublishedSections = computed(() => store.unpublished.sections.filter(key => sectionsOf(plan.value).includes(key)))
const unpublished = computed(() => isUnpublished(props.stored) || unpublishedSections.value.length > 0)
/** The plan, and of its sections those that whoever publishes has drafted: what others drafted is theirs to tick. */
const toPublish = computed(() => ({
  sections: unpublishedSections.value.filter(key => store.mine.sections.includes(key)),
  plans: isUnpublished(props.stored) ? [props.stored.key] : [],
}))
const viewed = useLocalStorage('manada-plan-view', false)

const renaming = ref(false)
const language = computed(() => studio.shop!.settings.language)
async function double(): Promise<void> {
  const { page, scope, key } = plan.value
  const added = await store.addPlan({
    page,
    name: { [language.value]: say.copy(name.value) },
    scope: scope ?? { products: [], tags: [], brands: [], categories: [], price: null },
    like: key,
  })
  if (added) emit('open', added)
}
async function remove(): Promise<void> {
  if ((await store.sendAndTell({ type: 'removePlan', key: plan.value.key })) && !store.plans.some(each => each.key === props.stored.key))
    emit('open', null)
}
const discard = () => store.sendAndTell({ type: 'discard', sections: [], plans: [props.stored.key] })
useShortcut('v', () => (viewed.value = !viewed.value))
</script>

<template>
  <section class="editor" :aria-label="say.pagePlan">
    <DraftHead
      :name="name"
      :sort="say.pagePlanWord"
      of="plans"
      :stored="stored"
      :changed="isUnpublished(stored)"
      :unpublished="unpublished"
      :to-publish="toPublish"
    >
      <template #beside
        ><span v-if="name.toLowerCase() !== pageWords[plan.page]" class="soft kind">{{ pageWords[plan.page] }}</span></template
      >
      <template #tools>
        <button type="button" class="text-button view" :aria-pressed="viewed" aria-keyshortcuts="V" @click="viewed = !viewed">
          <PhSquaresFour v-if="viewed" width="18" height="18" /><PhEye v-else width="18" height="18" />{{ viewed ? say.zones : say.shopView
          }}<v-tooltip activator="parent" location="bottom"
            >{{ viewed ? say.whereSectionsStand : say.thePageAsItWill }}<span class="key">V</span></v-tooltip
          >
        </button>
      </template>
      <template #menu>
        <v-list-item :disabled="!stored.draft" @click="renaming = true"
          ><v-list-item-title>{{ say.rename }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.draft" @click="double"
          ><v-list-item-title>{{ say.duplicate }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.live || !isUnpublished(stored)" @click="discard"
          ><v-list-item-title>{{ say.backToWhatIsLive }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.draft || isDefault" @click="remove"
          ><v-list-item-title>{{ say.remove }}</v-list-item-title></v-list-item
        >
      </template>
    </DraftHead>
    <DraftLeaving v-if="!stored.draft" :sort="say.plan" @keep="discard" />
    <PlanView v-else-if="viewed" :plan="stored.draft" />
    <PlanSchematic v-else :plan="stored.draft" />
    <RenameDialog
      v-if="renaming"
      :title="say.renameThePagePlan"
      :name="name"
      @close="renaming = false"
      @rename="words => store.changePlan(plan.key, { name: { ...plan.name, [language]: words } })"
    />
  </section>
</template>

<style scoped>
.editor {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--paper);
}
.kind {
  flex: 0 4 auto;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.view {
  display: flex;
  align-items: center;
  gap: 7px;
  padding: 6px 8px;
  white-space: nowrap;
}
</style>
