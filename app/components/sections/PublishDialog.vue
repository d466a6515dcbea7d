<script setup lang="ts">
import { planDifferences } from '../../../core/pagePlans/planDifferences'
import { sectionDifferences } from '../../../core/sections/sectionDifferences'
import { listed } from '../../../core/text/sentence'
import { useSectionDrafts } from '../../stores/sectionDrafts'
import { useStudioShop } from '../../stores/studioShop'

/** What shoppers don't have yet: all of it, with what is to go out with this publishing chosen. */
const props = defineProps<{ sections: readonly string[], plans: readonly string[] }>()
const emit = defineEmits<{ close: [] }>()
const store = useSectionDrafts()
const studio = useStudioShop()

const nameOf = (key: string) => {
  const stored = store.sections.find(each => each.key === key)
  return studio.words((stored?.draft ?? stored?.live)?.heading ?? {}) || key
}
const upperFirst = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
const rows = computed(() => [
  ...store.unpublished.sections.map((key) => {
    const { live, draft } = store.sections.find(each => each.key === key)!
    return { of: 'sections' as const, key, name: `“${nameOf(key)}”`, words: !draft ? 'Removed' : !live ? 'New' : `Changes ${listed(sectionDifferences(live, draft))}` }
  }),
  ...store.unpublished.plans.map((key) => {
    const { live, draft } = store.plans.find(each => each.key === key)!
    return { of: 'plans' as const, key, name: studio.words((draft ?? live)!.name), words: !draft ? 'Removed' : !live ? 'New' : upperFirst(listed(planDifferences(live, draft, nameOf))) }
  }),
])
/** Sections that a plan to be published names, and that shoppers would still not have. */
const missing = computed(() => {
  const going = (of: string, key: string) => chosen.value.has(`${of} ${key}`)
  const plans = store.plans.filter(({ key, draft }) => draft && store.unpublished.plans.includes(key) && going('plans', key))
  const named = new Set(plans.flatMap(({ draft }) => draft!.zones.flatMap(zone => zone.sections)))
  return store.sections.filter(({ key, live, draft }) => named.has(key) && (going('sections', key) && store.unpublished.sections.includes(key) ? !draft : !live))
})
const chosen = ref(new Set([...props.sections.map(key => `sections ${key}`), ...props.plans.map(key => `plans ${key}`)]))
const idOf = (row: { of: string, key: string }) => `${row.of} ${row.key}`
function toggle(id: string): void {
  if (!chosen.value.delete(id)) chosen.value.add(id)
}
const keysOf = (of: 'sections' | 'plans') => rows.value.filter(row => row.of === of && chosen.value.has(idOf(row))).map(row => row.key)
const count = computed(() => rows.value.filter(row => chosen.value.has(idOf(row))).length)

async function settle(type: 'publish' | 'discard'): Promise<void> {
  if (await store.sendAndTell({ type, sections: keysOf('sections'), plans: keysOf('plans') })) emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="560" aria-labelledby="publish-title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <form @submit.prevent="settle('publish')">
        <h2 id="publish-title">Publish</h2>
        <p class="soft">{{ rows.length ? 'Shoppers get what is ticked at once. You can undo it.' : 'Shoppers have everything already.' }}</p>
        <ul>
          <li v-for="row in rows" :key="idOf(row)">
            <label><input type="checkbox" :checked="chosen.has(idOf(row))" @change="toggle(idOf(row))"><span><b>{{ row.name }}</b><span class="small soft">{{ row.words }}</span></span></label>
          </li>
        </ul>
        <p v-for="{ key, draft } in missing" :key="key" class="warning" role="status">
          “{{ nameOf(key) }}” stands on a page that goes out, but {{ draft ? 'is not ticked itself' : 'is removed' }}: shoppers won’t see it.
          <button v-if="draft" type="button" class="text-button" @click="toggle(`sections ${key}`)">Publish it too</button>
        </p>
        <div class="ways">
          <button type="button" class="text-button discard" :disabled="!count" @click="settle('discard')">Discard what is ticked</button>
          <button type="button" class="plain-button" @click="emit('close')">Leave it</button>
          <button type="submit" class="main-button" :disabled="!count" autofocus>Publish {{ count || '' }}</button>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
ul { margin: 0; padding: 0; max-height: 50dvh; overflow-y: auto; border-top: 1px solid var(--line-soft); list-style: none; }
li { border-bottom: 1px solid var(--line-soft); }
.ask label { display: flex; align-items: baseline; gap: 10px; padding: 9px 2px; color: var(--ink); font-size: 14px; cursor: pointer; }
label > span { display: grid; gap: 1px; }
label b { font-weight: 550; }
input { accent-color: var(--petrol); }
.ask .warning { margin: 10px 0 0; padding: 7px 12px; border-radius: 8px; background: var(--saffron-wash); color: var(--saffron-ink); font-size: 13px; }
.discard { margin-right: auto; color: var(--clay-ink); }
.discard:disabled { color: #9b927f; }
.ask .ways { align-items: center; }
</style>
