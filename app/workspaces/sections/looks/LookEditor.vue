<script setup lang="ts">
import { baseParts, basePage } from '../../../../core/looks/builtInLooks'
import { houseKey } from '../../../../core/looks/look'
import type { StoredLook } from '../../../../core/studio/draftAnswers'
import { isUnpublished } from '../../../../core/sections/versions'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { looksWords } from '../words/looks'

const say = looksWords.lookEditor

/** One look, or the shop's own. Every change is a draft until it is published. */
const props = defineProps<{ stored: StoredLook }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useDrafts()
const studio = useStudioShop()

const look = computed(() => (props.stored.draft ?? props.stored.live)!)
const name = computed(() => studio.words(look.value.name) || look.value.key)
const isHouse = computed(() => look.value.key === houseKey)
const parts = computed(() => store.lookBook.partsOf({ preset: look.value.key, own: {} }))
const under = computed(() => (isHouse.value ? baseParts : store.lookBook.house))
const users = computed(() => store.lookUsers(look.value.key))
const change = (settings: Parameters<typeof store.changeLook>[1], typing = false) => store.changeLook(look.value.key, settings, typing)

const renaming = ref(false)
const language = computed(() => studio.shop!.settings.language)
async function double(): Promise<void> {
  const key = await store.addLook({ name: { [language.value]: say.copy(name.value) }, parts: look.value.parts, page: null })
  if (key) emit('open', key)
}
async function remove(): Promise<void> {
  if ((await store.sendAndTell({ type: 'removeLook', key: look.value.key })) && !store.looks.some(each => each.key === props.stored.key))
    emit('open', null)
}
const discard = () => store.sendAndTell({ type: 'discard', sections: [], plans: [], looks: [props.stored.key] })
</script>

<template>
  <section class="editor" :aria-label="say.look">
    <DraftHead
      :name="name"
      :sort="say.lookWord"
      of="looks"
      :stored="stored"
      :changed="isUnpublished(stored)"
      :unpublished="isUnpublished(stored)"
      :to-publish="{ looks: [stored.key] }"
    >
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
        <v-list-item :disabled="!stored.draft || isHouse" @click="remove"
          ><v-list-item-title>{{ say.remove }}</v-list-item-title></v-list-item
        >
      </template>
    </DraftHead>
    <div v-if="stored.draft" class="parts">
      <p class="used small">
        <template v-if="isHouse">{{ say.allLooksBeginWithIt }}</template>
        <template v-else-if="users.length">
          {{ users.length === 1 ? say.oneHasIt : say.haveIt(users.length) }}
          <template v-for="(each, i) in users" :key="`${each.sort} ${each.key}`"
            ><template v-if="i">, </template
            ><NuxtLink :to="`/${each.sort}/${each.key}`">{{ store.nameOf(each.sort, each.key) }}</NuxtLink></template
          >
        </template>
        <template v-else>{{ say.nothingHasItYet }}</template>
      </p>
      <div class="part">
        <LookProblems
          :parts="parts"
          :page="store.lookBook.page"
          class="problems"
          @mend="part => change({ parts: { ...look.parts, ...part } })"
        />
        <HouseFields
          v-if="isHouse"
          :page="look.page ?? basePage"
          class="page"
          @change="(page, typing) => change({ page: { ...(look.page ?? basePage), ...page } }, typing)"
        />
        <LookFields
          :own="look.parts"
          :under="under"
          :from="isHouse ? say.manadaBegins : say.theShopsOwn"
          @change="(own, typing) => change({ parts: own }, typing)"
        />
      </div>
      <div v-if="isHouse" class="part">
        <h2>{{ say.marksOfBrands }}</h2>
        <BrandMarks />
      </div>
    </div>
    <DraftLeaving v-else :sort="say.lookWord" @keep="discard" />
    <RenameDialog
      v-if="renaming"
      :title="say.renameTheLook"
      :name="name"
      @close="renaming = false"
      @rename="words => change({ name: { ...look.name, [language]: words } })"
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
.parts {
  /* What is unseen in here scrolls with it, and makes the studio no longer. */
  position: relative;
  flex: 1;
  overflow-y: auto;
}
.used {
  margin: 0;
  padding: 8px 18px;
  border-bottom: 1px solid var(--line-soft);
  background: var(--paper);
  color: var(--ink-soft);
}
.used a {
  color: var(--petrol);
  font-weight: 600;
}
.part {
  padding: 14px 18px 18px;
  border-bottom: 1px solid var(--line-soft);
}
.part > h2 {
  margin-bottom: 6px;
  font-size: 14.5px;
  line-height: 1.3;
}
.problems {
  margin-bottom: 12px;
}
.page {
  margin-bottom: 14px;
  padding-bottom: 16px;
  border-bottom: 1px solid var(--line-soft);
}
</style>
