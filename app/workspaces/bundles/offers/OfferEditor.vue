<script setup lang="ts">
import type { Offer, OfferSettings } from '../../../../core/offers/offer'
import { parseMoney, plainMoney } from '../../../../core/money/money'
import { parsePercent } from '../../../../core/money/percent'
import { offerBlock } from '../../../../core/pagePlans/block'
import { emptyScope } from '../../../../core/pagePlans/pagePlan'
import { isUnpublished } from '../../../../core/sections/versions'
import type { StoredOffer } from '../../../../core/studio/draftAnswers'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { useKeptWays } from './useKeptWays'
import { offersWords } from '../words/offers'

const say = offersWords.offerEditor

/** One together offer: for which products it is, what it offers, what that costs less. Every change is a draft until it is published. */
const props = defineProps<{ stored: StoredOffer }>()
const emit = defineEmits<{ open: [key: string | null] }>()
const store = useDrafts()
const studio = useStudioShop()
const offer = computed(() => (props.stored.draft ?? props.stored.live)!)
const name = computed(() => store.nameOf('offers', props.stored.key))
const change = (settings: Partial<OfferSettings>) => store.changeOffer(offer.value.key, settings)

async function double(): Promise<void> {
  const { key: _, rank: __, ...settings } = offer.value
  const key = await store.addOffer({ ...settings, internalName: say.copy(name.value) })
  if (key) emit('open', key)
}
const discard = () => store.sendAndTell({ type: 'discard', sections: [], plans: [], offers: [offer.value.key] })
async function remove(): Promise<void> {
  const { key } = offer.value
  if ((await store.sendAndTell({ type: 'removeOffer', key })) && !store.storedOf('offers', key)) emit('open', null)
}

const offered = computed(() => offer.value.offered)
const kinds = computed(() => studio.kinds.map(({ key, plural }) => ({ key, plural: studio.words(plural).toLowerCase() })))
/** More products than this crowd an offer: common practice. */
const handful = 4
const isCrowded = computed(() => (offered.value.by === 'chosen' ? offered.value.skus.length : offered.value.count) > handful)
const reduction = computed(() => offer.value.reduction)

const triggers = [
  ['every', say.everyProduct],
  ['some', say.someProducts],
] as const
const triggerBefore = shallowRef(emptyScope)
watch(
  () => offer.value.trigger,
  now => now && (triggerBefore.value = now),
  { immediate: true },
)
const offerWith = (which: 'every' | 'some') => change({ trigger: which === 'every' ? null : (offer.value.trigger ?? triggerBefore.value) })
const waysToOffer = [
  ['chosen', say.theseProducts],
  ['links', say.itsFirstLinks],
] as const
const wayOffered = useKeptWays(() => offered.value)
function offerBy(by: Offer['offered']['by']): void {
  if (by === offered.value.by) return
  const kind = studio.kinds.find(each => each.key === 'accessory')?.key ?? studio.kinds[0]!.key
  void change({ offered: by === 'links' ? wayOffered(by, { by, kind, count: 2 }) : wayOffered(by, { by, skus: [] }) })
}
const reductions = [
  ['no', say.no],
  ['percent', say.percent],
  ['amount', say.amount],
] as const
const wayReduced = useKeptWays(() => reduction.value)
const firstReductions = { percent: { by: 'percent', percent: 10 }, amount: { by: 'amount', amount: 100 } } as const
function reduceBy(by: 'no' | keyof typeof firstReductions): void {
  if (by !== (reduction.value?.by ?? 'no')) void change({ reduction: by === 'no' ? null : wayReduced(by, firstReductions[by]) })
}
const wrong = ref('')
/** Takes what is typed; what can't be a reduction is said, and left as it stands. */
function typed(event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim()
  if (reduction.value?.by === 'percent') {
    const percent = parsePercent(text)
    wrong.value = percent ? '' : say.aPercentage
    if (percent) change({ reduction: { by: 'percent', percent } })
  } else {
    const amount = parseMoney(text, studio.currency)
    wrong.value = amount ? '' : say.anAmountSuchAs(plainMoney(250, studio.currency))
    if (amount) change({ reduction: { by: 'amount', amount } })
  }
}
</script>

<template>
  <section class="editor" :aria-label="say.togetherOffer">
    <DraftHead
      :name="name"
      :sort="say.offer"
      of="offers"
      :stored="stored"
      :changed="isUnpublished(stored)"
      :unpublished="isUnpublished(stored)"
      :to-publish="{ offers: [stored.key] }"
    >
      <template #menu>
        <v-list-item :disabled="!stored.draft" @click="double"
          ><v-list-item-title>{{ say.duplicate }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.live || !isUnpublished(stored)" @click="discard"
          ><v-list-item-title>{{ say.backToWhatIsLive }}</v-list-item-title></v-list-item
        >
        <v-list-item :disabled="!stored.draft" @click="remove"
          ><v-list-item-title>{{ say.remove }}</v-list-item-title></v-list-item
        >
      </template>
    </DraftHead>
    <div v-if="stored.draft" class="parts">
      <p v-for="problem in stored.problems" :key="problem.words" class="problem wrong" role="status">{{ problem.words }}</p>
      <section class="part" :aria-label="say.whatItIsFor">
        <h2>{{ say.offeredWith }}</h2>
        <ChoiceGroup
          :model-value="offer.trigger ? 'some' : 'every'"
          :label="say.offeredWith"
          :choices="triggers"
          @update:model-value="offerWith"
        />
        <ScopeChips
          v-if="offer.trigger"
          :scope="offer.trigger"
          :ask="say.sayWithWhichProducts"
          class="chips"
          @change="part => change({ trigger: { ...offer.trigger!, ...part } })"
        />
      </section>
      <section class="part" :aria-label="say.whatIsOffered">
        <h2>{{ say.whatIsOffered }}</h2>
        <ChoiceGroup :model-value="offered.by" :label="say.whatIsOffered" :choices="waysToOffer" @update:model-value="offerBy" />
        <ProductsField
          v-if="offered.by === 'chosen'"
          :skus="offered.skus"
          variants
          class="field"
          @change="skus => change({ offered: { by: 'chosen', skus } })"
        />
        <div v-else class="line">
          {{ say.theFirst }}
          <QuantityField
            :value="offered.count"
            :label="say.howManyLinks"
            :max="8"
            @change="count => offered.by === 'links' && change({ offered: { ...offered, count } })"
          />
          {{ say.ofIts }}
          <select
            :value="offered.kind"
            :aria-label="say.kindOfLinks"
            @change="offered.by === 'links' && change({ offered: { ...offered, kind: ($event.target as HTMLSelectElement).value } })"
          >
            <option v-for="kind in kinds" :key="kind.key" :value="kind.key">{{ kind.plural }}</option>
          </select>
        </div>
        <p v-if="isCrowded" class="small crowded" role="status">{{ say.crowds(handful) }}</p>
        <label class="line check"
          ><input
            type="checkbox"
            :checked="offer.partly === 'hide'"
            @change="change({ partly: ($event.target as HTMLInputElement).checked ? 'hide' : 'shrink' })"
          />{{ say.allOrNothingNotShown }}</label
        >
      </section>
      <section class="part" :aria-label="say.whatItCostsLess">
        <h2>{{ say.cheaperTogether }}</h2>
        <ChoiceGroup
          :model-value="reduction?.by ?? 'no'"
          :label="say.cheaperTogether"
          :choices="reductions"
          @update:model-value="reduceBy"
        />
        <template v-if="reduction">
          <div class="line">
            <input
              :key="reduction.by"
              v-typed="reduction.by === 'percent' ? reduction.percent : plainMoney(reduction.amount, studio.currency)"
              class="amount"
              inputmode="decimal"
              :aria-label="say.howMuchLess"
              :aria-invalid="wrong !== ''"
              @change="typed"
            />{{ say.whileTheProductThatIt(reduction.by === 'percent' ? say.offEach : say.offEachWithCurrency(studio.currency)) }}
          </div>
          <p class="wrong small" role="alert">{{ wrong }}</p>
          <div class="line">
            {{ say.atMost }}
            <QuantityField :value="offer.limit" :label="say.howOftenInOneCart" :max="99" @change="limit => change({ limit })" />
            {{ say.inOneCart(offer.limit === 1 ? say.time : say.times) }}
          </div>
          <label class="line check"
            ><input type="checkbox" :checked="offer.stacks" @change="change({ stacks: ($event.target as HTMLInputElement).checked })" />{{
              say.alsoOnWhatIsReduced
            }}</label
          >
        </template>
      </section>
      <section class="part" :aria-label="say.whatItSays">
        <h2>{{ say.whatItSays }}</h2>
        <InternalName
          :name="offer.internalName"
          :heading="studio.words(offer.heading)"
          @change="internalName => change({ internalName })"
        />
        <span class="small soft">{{ say.heading }}</span>
        <LanguageFields :text="offer.heading" :label="say.heading" :most="100" @change="heading => change({ heading })" />
      </section>
      <section class="part" :aria-label="say.whereItStands">
        <h2>{{ say.whereItStands }}</h2>
        <BlockPlaces :block="offerBlock(stored.key)" />
      </section>
      <section class="part" :aria-label="say.when">
        <h2>{{ say.when }}</h2>
        <OfferDates :offer="offer" @change="change" />
      </section>
    </div>
    <DraftLeaving v-else :sort="say.offer" @keep="discard" />
  </section>
</template>

<style scoped>
.crowded {
  margin: 8px 0 0;
  color: var(--saffron-ink);
}
.editor {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
}
.parts {
  flex: 1;
  overflow-y: auto;
}
.part {
  padding: 14px 18px;
  border-bottom: 1px solid var(--line-soft);
}
h2 {
  margin-bottom: 8px;
  font-size: 14.5px;
}
.problem {
  margin: 0;
  padding: 10px 18px;
  border-bottom: 1px solid var(--line-soft);
}
.chips,
.field {
  margin-top: 10px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  min-height: 38px;
  margin-top: 4px;
}
.check {
  flex-wrap: nowrap;
  cursor: pointer;
}
.check input {
  flex: none;
  width: 16px;
  height: 16px;
  accent-color: var(--petrol);
}
.amount,
.line select {
  height: 32px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 7px;
  background: var(--sheet);
  color: var(--ink);
  font: 14px/1 var(--text);
}
.amount {
  width: 84px;
  text-align: right;
}
.amount[aria-invalid='true'] {
  border-color: var(--clay);
}
p {
  margin: 2px 0 0;
}
</style>
