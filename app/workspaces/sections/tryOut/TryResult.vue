<script setup lang="ts">
import type { PageAnswer } from '../../../../core/delivery/contract/pages'
import { heldBackWords, hiddenWords, idleWords, tileWords } from '../../../../core/delivery/whyWords'
import { stepTypeOf } from '../../../../core/fillSteps/fillStep'
import type { StoredSection } from '../../../../core/studio/draftAnswers'
import { useStudioShop } from '../../../data/studioShop'
import { useShownWords } from '../../../parts/preview/useShownWords'
import { tryOutWords } from '../words/tryOut'

const say = tryOutWords.tryResult

/** What a section shows on a page and why, and what it holds back and why. */
const props = defineProps<{ stored: StoredSection; answer: PageAnswer }>()
const studio = useStudioShop()
const wordsOf = useShownWords()

const shown = computed(() => props.answer.sections.find(each => each.key === props.stored.key) ?? null)
const hidden = computed(() => props.answer.hidden?.find(each => each.key === props.stored.key) ?? null)
const steps = computed(() => shown.value?.steps ?? hidden.value?.steps ?? [])
const countShown = computed(() => (shown.value?.items.length ?? 0) + (shown.value?.categories.length ?? 0))

const skuOf = (each: { sku: string; variant: string | null }) => each.variant ?? each.sku
const items = computed(() =>
  (shown.value?.items ?? []).map(item => {
    const step = steps.value[item.step]!
    const candidate = step.taken.find(each => skuOf(each) === skuOf(item))!
    return {
      ...item,
      key: skuOf(item),
      words: wordsOf(props.stored.draft ?? props.stored.live, item.step, step, candidate),
      byHand: stepTypeOf(step).isByHand ?? false,
    }
  }),
)
/** What would be shown if there were enough of it. */
const tooFew = computed(() => {
  const names = hidden.value ? steps.value.flatMap(step => step.taken.map(each => each.name)) : []
  if (!names.length) return ''
  return names.length === 1 ? say.onlyThis(names[0]!) : say.onlyThese(names.length, names.join(', '))
})

/** Each candidate that a step did not take, but for those that there was no room for. */
const heldBack = computed(() =>
  steps.value.flatMap((step, i) => {
    const products = step.heldBack.map(each => ({
      name: each.name,
      words: each.reason === 'noRoom' ? null : heldBackWords(each.reason, each.sku, props.answer, props.stored.key),
    }))
    const categories = (step.categories ?? []).map(({ name, reason }) => ({
      name,
      words: reason && reason !== 'noRoom' ? tileWords(reason) : null,
    }))
    const where = steps.value.length > 1 ? say.step(i + 1) : ''
    return [...products, ...categories]
      .filter(each => each.words !== null)
      .map((each, k) => ({ key: `${i} ${k}`, name: each.name, words: `${each.words}${where}` }))
  }),
)
const maxTold = 8
const unfolded = ref(false)
const told = computed(() => (unfolded.value ? heldBack.value : heldBack.value.slice(0, maxTold)))
const untold = computed(() => heldBack.value.length - told.value.length)

const countWithoutRoom = computed(
  () => steps.value.flatMap(step => [...(step.categories ?? []), ...step.heldBack]).filter(each => each.reason === 'noRoom').length,
)
/** How many had no place left; steps stop looking at some point. */
const withoutRoom = computed(() => {
  const isMore = steps.value.some(step => step.more)
  return countWithoutRoom.value ? `${isMore ? say.moreThan : ''}${countWithoutRoom.value}` : ''
})
const isAnyHeldBack = computed(() => heldBack.value.length > 0 || countWithoutRoom.value > 0)
/** Steps that brought nothing at all, and why. */
const idle = computed(() =>
  steps.value.flatMap((step, i) => {
    if (step.idle) return [{ key: i, words: say.stepWasPassedOver(i + 1, idleWords(step.idle)) }]
    return step.taken.length || step.heldBack.length || step.categories?.length ? [] : [{ key: i, words: say.stepFoundNothing(i + 1) }]
  }),
)
</script>

<template>
  <!-- Reached by the Tab key, so that arrows scroll what is longer than the pane. -->
  <div class="result" role="group" tabindex="0" :aria-label="say.howItTurnsOut">
    <div class="stage">
      <div v-if="shown" class="sheet" data-try="shown">
        <h2>{{ shown.heading }}</h2>
        <ol v-if="shown.categories.length">
          <li v-for="each in shown.categories" :key="each.key">
            <ProductPicture :src="each.image" class="picture" /><span class="name">{{ each.name }}</span>
          </li>
        </ol>
        <ol v-else :class="shown.layout">
          <li v-for="item in items" :key="item.key">
            <ProductPicture :src="item.image" class="picture" />
            <span class="name">{{ item.name }}</span><b class="price">{{ studio.money(item.price) }}</b>
            <span class="why" :class="{ hand: item.byHand }">{{ item.words }}</span>
          </li>
        </ol>
        <p v-if="countShown < shown.display.places" class="small soft rest">{{ say.ofPlaces(countShown, shown.display.places) }}</p>
      </div>
      <div v-else-if="hidden" class="sheet none" data-try="hidden">
        <b>{{ say.notOnThisPage(hiddenWords(hidden.reason)) }}</b><span v-if="tooFew" class="soft">{{ tooFew }}</span>
      </div>
    </div>
    <div v-if="isAnyHeldBack || idle.length" class="held">
      <h3>{{ isAnyHeldBack ? say.whatWasHeldBack : say.whatItLookedFor }}</h3>
      <ul>
        <li v-for="each in told" :key="each.key">
          <span class="cut">{{ each.name }}</span><span class="soft">{{ each.words }}</span>
        </li>
        <li v-for="each in idle" :key="`idle ${each.key}`" class="soft">{{ each.words }}</li>
      </ul>
      <button v-if="untold" type="button" class="text-button" @click="unfolded = true">{{ say.andMore(untold) }}</button>
      <p v-if="withoutRoom" class="small soft">{{ say.moreHadNoPlaceLeft(withoutRoom) }}</p>
    </div>
  </div>
</template>

<style scoped>
.result {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
.stage {
  padding: 14px 16px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.sheet {
  padding: 14px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
}
.none {
  display: grid;
  gap: 4px;
  padding: 18px;
  color: var(--clay-ink);
}
.sheet h2 {
  margin-bottom: 10px;
  font: 600 17px/1.25 var(--text);
  letter-spacing: 0;
}
ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(86px, 1fr));
  gap: 14px 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
ol li {
  display: grid;
  grid-template-rows: auto auto auto 1fr;
  align-content: start;
  min-width: 0;
}
.picture {
  width: 100%;
  aspect-ratio: 4 / 3;
  border-radius: 8px;
}
.name {
  margin-top: 6px;
  font-size: 12.5px;
  line-height: 1.3;
}
.price {
  margin-top: 2px;
  font-size: 12.5px;
}
.why {
  align-self: start;
  margin-top: 5px;
  padding-left: 6px;
  border-left: 2px solid #cfd8d8;
  color: var(--ink-soft);
  font-size: 11.5px;
  line-height: 1.3;
}
.why.hand {
  border-color: var(--saffron);
}
.rest {
  margin: 10px 0 0;
}
.held {
  padding: 12px 16px;
  border-bottom: 1px solid var(--line);
}
.held h3 {
  margin-bottom: 6px;
  font-size: 14.5px;
}
.held ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.held li {
  display: flex;
  gap: 10px;
  min-height: 25px;
  align-items: baseline;
  font-size: 12.5px;
}
.held li .cut {
  flex: 0 1 auto;
  font-weight: 550;
}
.held li .soft {
  flex: none;
  max-width: 70%;
}
.held p {
  margin: 2px 0 0;
}
</style>
