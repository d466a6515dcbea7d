<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import type { PagePlan } from '../../../../core/pagePlans/pagePlan'
import { sectionsOf } from '../../../../core/pagePlans/pagePlan'
import { pageTypes, zonesOf } from '../../../../core/pageTypes/registry'
import { useDrafts } from '../../../data/drafts'
import { useBlocksAtHand } from '../zones/blockFacts'
import { pagesWords } from '../words'

const say = pagesWords.planSide

/** Who gets a plan, what it shares with others, what to look at before it is published, and what could stand on it. */
const props = defineProps<{ plan: PagePlan }>()
const emit = defineEmits<{ open: [plan: string] }>()
const store = useDrafts()

/** Sections and offers that don't stand on it. */
const free = useBlocksAtHand(
  () => props.plan,
  () => pageTypes[props.plan.page].hasOffers ?? false,
)
/** The same, as they stand while they are dragged. */
const atHand = ref<{ name: string }[]>([])
watch(free, all => (atHand.value = all.map(name => ({ name }))), { immediate: true })
/** One that was dragged off the page. */
function takenOff(index: number | undefined): void {
  const block = atHand.value[index ?? -1]
  if (block) void store.sendAndTell({ type: 'unplaceBlock', plan: props.plan.key, block: block.name })
}
</script>

<template>
  <aside class="side" :aria-label="say.ofThisPagePlan">
    <ScopePart :plan="plan" @open="key => emit('open', key)" />
    <ReviewPart v-if="plan.page !== 'cart' || sectionsOf(plan).length" :plan="plan" />
    <section class="part">
      <h2>{{ say.atHand }}</h2>
      <p class="small soft hint">
        {{ say.dragOneIntoAZone
        }}<template v-if="zonesOf(plan.page).length === 1">; <span class="key">Enter</span> {{ say.putsItThere }}</template
        >{{ say.orBackHereToTake }}
      </p>
      <VueDraggable
        v-model="atHand"
        group="blocks"
        :animation="150"
        handle=".handle"
        :sort="false"
        role="list"
        class="list"
        :aria-label="say.sectionsAtHand"
        @add="event => takenOff(event.newIndex)"
      >
        <PlacedBlock v-for="each in atHand" :key="each.name" :block="each.name" :plan="plan" :zone="null" />
      </VueDraggable>
      <p v-if="!atHand.length" class="small soft">
        {{ say.allSectionsStandOnThis }} <NuxtLink to="/sections">{{ say.addOneInSections }}</NuxtLink>
      </p>
    </section>
  </aside>
</template>

<style scoped>
.side {
  height: 100%;
  overflow-y: auto;
  background: var(--sheet);
}
.part {
  padding: 14px 18px 16px;
}
.part h2 {
  margin-bottom: 4px;
  font-size: 15px;
  line-height: 1.3;
}
.hint {
  margin: 0 0 8px;
}
.list {
  display: grid;
  gap: 6px;
  min-height: 40px;
}
a {
  color: var(--petrol);
}
</style>
