<script setup lang="ts">
import { pick } from 'es-toolkit'
import { countChoices, groupsOf } from '../../../core/catalogue/bundle'
import type { OpenBundle } from './bundles'
import type { BundleProblem } from '../../../core/bundles/bundleProblems'
import { bundleProblems } from '../../../core/bundles/bundleProblems'
import { isStopping, problemWords, typeNames } from '../../../core/bundles/bundleWords'
import { itemName } from '../../../core/delivery/deliveredItem'
import { isUnpublished } from '../../../core/sections/versions'
import { useBundles } from './bundles'
import { useStudioShop } from '../../data/studioShop'
import { provideTranslations } from '../../parts/naming/translatedThing'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundleEditor

/** One bundle: what is in it, what is wrong with it, and what it is called. */
const props = defineProps<{ stored: OpenBundle }>()
const emit = defineEmits<{ open: [sku: string | null]; find: [] }>()
const store = useBundles()
const studio = useStudioShop()

const settings = computed(() => props.stored.settings)
const bundle = computed(() => settings.value.bundle)
const language = computed(() => studio.shop!.settings.language)
const name = computed(() => studio.words(settings.value.name) || props.stored.sku)
const size = computed(() => {
  const counts = groupsOf(bundle.value).map(countChoices)
  return counts.length ? say.groupsAndChoices(counts) : ''
})
const isRetired = computed(() => settings.value.status === 'retired')
const isNowhere = computed(() => !isRetired.value && !settings.value.categories.length)

const problems = computed(() => bundleProblems({ sku: props.stored.sku, bundle: bundle.value }, store.catalogue, studio.now()))
const stopping = computed(() => problems.value.filter(isStopping))
const hints = computed(() => problems.value.filter(each => !isStopping(each)))
function wordsOf(problem: BundleProblem): string {
  const group = groupsOf(bundle.value).find(each => each.key === problem.about)
  const item = store.catalogue.item(problem.about)
  return problemWords(
    problem,
    bundle.value,
    (group && (studio.words(group.name) || group.key)) ?? (item && itemName(item, studio.words)) ?? problem.about,
  )
}

const renaming = ref(false)
const versions = computed(() => ({ key: props.stored.sku, ...pick(props.stored, ['live', 'draft', 'translations']) }))
provideTranslations('bundles', versions, store.sendAndTell)
const isChanged = computed(() => isUnpublished(versions.value))
/** What shoppers don’t have yet is looked at as a draft. */
const shopPage = computed(() => `/shop/products/${encodeURIComponent(props.stored.sku)}${isChanged.value ? '?preview=1&draft=1' : ''}`)
const isRemovable = computed(() => !props.stored.live && !props.stored.isSold)
const discard = () => store.sendAndTell({ type: 'discard', sections: [], plans: [], bundles: [props.stored.sku] })
/** The same under another SKU, as a draft. */
async function double(): Promise<void> {
  const { key: _, status: __, name: words, bundle: contents, ...others } = settings.value
  const sku = store.nextSku()
  if (!(await store.sendAndTell({ type: 'addBundle', sku, name: words, bundle: contents }))) return
  await store.sendAndTell({ type: 'changeBundle', sku, settings: others, seen: {} })
  await store.loadRows()
  emit('open', sku)
}
async function remove(): Promise<void> {
  if (await store.sendAndTell({ type: 'removeBundle', sku: props.stored.sku })) emit('open', null)
}
</script>

<template>
  <section class="editor" :aria-label="say.bundle">
    <DraftHead
      :name="name"
      :sort="say.bundleWord"
      of="bundles"
      :stored="versions"
      :changed="isChanged"
      :unpublished="isChanged"
      :to-publish="{ bundles: [stored.sku] }"
    >
      <template #beside
        ><span class="mono">{{ stored.sku }}</span></template
      >
      <template #tools
        ><span class="small soft size">{{ size || typeNames[bundle.type] }}</span></template
      >
      <template #menu>
        <v-list-item @click="renaming = true"
          ><v-list-item-title>{{ say.rename }}</v-list-item-title></v-list-item
        >
        <v-list-item @click="double"
          ><v-list-item-title>{{ say.duplicate }}</v-list-item-title></v-list-item
        >
        <v-list-item :to="`/products/${encodeURIComponent(stored.sku)}`"
          ><v-list-item-title>{{ say.linkItOnTheBench }}</v-list-item-title></v-list-item
        >
        <v-list-item :href="shopPage" target="_blank"
          ><v-list-item-title>{{ say.openItsPageInThe }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.live || !isChanged" @click="discard"
          ><v-list-item-title>{{ say.backToWhatIsLive }}</v-list-item-title></v-list-item
        >
        <v-list-item v-if="isRetired" @click="store.change({ status: 'active' })"
          ><v-list-item-title>{{ say.sellItAgain }}</v-list-item-title></v-list-item
        >
        <v-list-item v-else-if="stored.live" @click="store.change({ status: 'retired' })"
          ><v-list-item-title>{{ say.retire }}</v-list-item-title></v-list-item
        >
        <v-list-item v-if="isRemovable" @click="remove"
          ><v-list-item-title>{{ say.remove }}</v-list-item-title></v-list-item
        >
      </template>
    </DraftHead>
    <div class="parts">
      <p v-if="isRetired" class="problems">{{ say.shoppersCantBuyIt }}</p>
      <p v-if="isNowhere" class="problems">{{ say.itIsInNoCategory }}</p>
      <ul v-if="stopping.length" class="problems stop" :aria-label="say.whatKeepsItFromBeing">
        <li v-for="each in stopping" :key="`${each.code} ${each.about}`">{{ wordsOf(each) }}</li>
      </ul>
      <ul v-if="hints.length" class="problems" :aria-label="say.whatIsWorthALook">
        <li v-for="each in hints" :key="`${each.code} ${each.about}`">{{ wordsOf(each) }}</li>
      </ul>
      <PickAnyPart v-if="bundle.type === 'pickAny'" :bundle="bundle" @find="emit('find')" />
      <template v-else>
        <GroupsPart v-if="bundle.type === 'choice'" :bundle="bundle" @find="emit('find')" />
        <ComponentsPart :bundle="bundle" @find="emit('find')" />
      </template>
      <BundleFacts :settings="settings" />
    </div>
    <RenameDialog
      v-if="renaming"
      :title="say.renameTheBundle"
      :name="name"
      @close="renaming = false"
      @rename="words => store.change({ name: { ...settings.name, [language]: words } })"
    />
  </section>
</template>

<style scoped>
.editor {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.mono,
.size {
  flex: none;
}
.parts {
  flex: 1;
  overflow-y: auto;
}
.problems {
  margin: 0;
  padding: 8px 18px 8px 34px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--saffron-wash);
  color: var(--saffron-ink);
  font-size: 13px;
}
.problems.stop {
  background: var(--clay-wash);
  color: var(--clay-ink);
  font-weight: 550;
}
</style>
