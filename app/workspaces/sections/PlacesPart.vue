<script setup lang="ts">
import { pageKindSchema } from '../../../core/pagePlans/pagePlan'
import { zonesOf } from '../../../core/pageTypes/registry'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { pageWords, zoneWords } from '../../parts/sections/sectionWords'
import PhPlus from '~icons/ph/plus'
import { sectionsWords } from './words/sections'

const say = sectionsWords.placesPart

/** The pages that a section stands on; it can be switched off on each. */
const props = defineProps<{ sectionKey: string }>()
const store = useDrafts()
const studio = useStudioShop()

const standsOn = computed(() => store.plansWith(props.sectionKey))
const planName = (name: Record<string, string>, page: keyof typeof pageWords) => studio.words(name) || pageWords[page]
/** Where it could stand too: one place on every plan. */
const free = computed(() =>
  store.plans
    .flatMap(({ draft }) =>
      draft && !standsOn.value.some(each => each.plan.key === draft.key) ? zonesOf(draft.page).map(zone => ({ plan: draft, zone })) : [],
    )
    .sort((a, b) => pageKindSchema.options.indexOf(a.plan.page) - pageKindSchema.options.indexOf(b.plan.page)),
)
</script>

<template>
  <div>
    <ul v-if="standsOn.length">
      <li v-for="{ plan, zone, off } in standsOn" :key="plan.key">
        <NuxtLink :to="`/pages/${plan.key}`" class="where" :class="{ off }">{{ planName(plan.name, plan.page) }}</NuxtLink>
        <v-menu v-if="zonesOf(plan.page).length > 1" location="bottom start">
          <template #activator="{ props: menu }"
            ><button type="button" class="dotted" v-bind="menu">{{ zoneWords(zone) }}</button></template
          >
          <v-list density="compact" class="studio"
            ><v-list-item
              v-for="each in zonesOf(plan.page)"
              :key="each"
              :active="each === zone"
              color="primary"
              @click="each === zone || store.send({ type: 'placeSection', key: sectionKey, plan: plan.key, zone: each })"
              ><v-list-item-title>{{ zoneWords(each) }}</v-list-item-title></v-list-item
            ></v-list
          >
        </v-menu>
        <span v-else class="soft">{{ zoneWords(zone) }}</span>
        <span class="grow" />
        <span v-if="off" class="state">{{ say.offHere }}</span>
        <button type="button" class="text-button" @click="store.send({ type: 'switchInPlan', key: sectionKey, plan: plan.key, off: !off })">
          {{ off ? say.switchOn : say.switchOff }}
        </button>
        <button
          type="button"
          class="out"
          :aria-label="say.takeItOffThe(planName(plan.name, plan.page))"
          @click="store.send({ type: 'unplaceSection', key: sectionKey, plan: plan.key })"
        >
          ×
        </button>
      </li>
    </ul>
    <p v-else class="none soft">{{ say.itStandsOnNoPage }}</p>
    <v-menu v-if="free.length" location="bottom start" :offset="4">
      <template #activator="{ props: menu }"
        ><button type="button" class="text-button add" v-bind="menu">
          <PhPlus width="14" height="14" />{{ say.putItOnAPage }}
        </button></template
      >
      <v-list density="compact" class="studio">
        <v-list-item
          v-for="{ plan, zone } in free"
          :key="`${plan.key} ${zone}`"
          @click="store.send({ type: 'placeSection', key: sectionKey, plan: plan.key, zone })"
          ><v-list-item-title
            >{{ planName(plan.name, plan.page) }}<span class="soft"> · {{ zoneWords(zone) }}</span></v-list-item-title
          ></v-list-item
        >
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
ul {
  margin: 0 0 4px;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: baseline;
  gap: 8px;
  min-height: 32px;
  font-size: 13.5px;
}
.where {
  color: inherit;
  text-underline-offset: 3px;
  text-decoration-color: var(--line);
}
.where.off {
  color: var(--ink-soft);
  text-decoration: line-through;
}
.grow {
  flex: 1;
}
.out {
  width: 26px;
  height: 26px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ink-soft);
  font: 17px/1 var(--text);
  cursor: pointer;
}
.out:hover {
  background: var(--sunk);
  color: var(--clay-ink);
}
.none {
  margin: 0 0 4px;
  font-size: 13.5px;
}
.add {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
