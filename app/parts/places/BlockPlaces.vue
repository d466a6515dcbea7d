<script setup lang="ts">
import { zonesOf } from '../../../core/pageTypes/registry'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { pageWords, zoneWords } from '../sections/sectionWords'
import PhPlus from '~icons/ph/plus'
import { usePlaces } from './usePlaces'
import { placesWords } from './words'

const say = placesWords.blockPlaces

/** The pages that a section or an offer stands on; it can be switched off on each. */
const props = defineProps<{ block: string }>()
const store = useDrafts()
const studio = useStudioShop()

const { standsOn, among, free } = usePlaces(() => props.block)
const planName = (name: Record<string, string>, page: keyof typeof pageWords) => studio.words(name) || pageWords[page]
const put = (plan: string, zone: string) => store.send({ type: 'placeBlock', block: props.block, plan, zone })
</script>

<template>
  <div>
    <ul v-if="standsOn.length || among.length">
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
              @click="each === zone || put(plan.key, each)"
              ><v-list-item-title>{{ zoneWords(each) }}</v-list-item-title></v-list-item
            ></v-list
          >
        </v-menu>
        <span v-else class="soft">{{ zoneWords(zone) }}</span>
        <span class="grow" />
        <span v-if="off" class="state">{{ say.offHere }}</span>
        <button type="button" class="text-button" @click="store.send({ type: 'switchInPlan', block, plan: plan.key, off: !off })">
          {{ off ? say.switchOn : say.switchOff }}
        </button>
        <button
          type="button"
          class="out"
          :aria-label="say.takeItOffThe(planName(plan.name, plan.page))"
          @click="store.send({ type: 'unplaceBlock', block, plan: plan.key })"
        >
          ×
        </button>
      </li>
      <li v-for="{ plan, zone, off } in among" :key="plan.key">
        <NuxtLink :to="`/pages/${plan.key}`" class="where" :class="{ off }">{{ planName(plan.name, plan.page) }}</NuxtLink>
        <span class="soft">{{ zoneWords(zone) }}, {{ say.withAllOtherOffers }}</span>
        <span class="grow" />
        <span v-if="off" class="state">{{ say.offHere }}</span>
        <button type="button" class="text-button" @click="put(plan.key, zone)">
          {{ say.ownPlace }}<v-tooltip activator="parent" location="bottom">{{ say.giveItItsOwnPlace }}</v-tooltip>
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
        <v-list-item v-for="{ plan, zone } in free" :key="`${plan.key} ${zone}`" @click="put(plan.key, zone)"
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
.where,
.text-button {
  flex: none;
  white-space: nowrap;
}
.where {
  max-width: 45%;
  overflow: hidden;
  text-overflow: ellipsis;
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
