<script setup lang="ts">
import type { Condition, ProductTest, Rule, TargetTest } from '../../../core/rules/rule'
import { ruleSchema } from '../../../core/rules/rule'
import { isGroup, partsOf, ruleWords } from '../../../core/rules/ruleWords'
import { ruleProblems } from '../../../core/rules/ruleProblems'
import { ruleAnswerSchema } from '../../../core/studio/sectionAnswers'
import { useDrafts } from '../../data/drafts'
import { useStudioShop } from '../../data/studioShop'
import { useTried } from '../preview/tried'
import { callApi } from '../../data/callApi'
import { isFilledIn, productTests, targetTests } from './ruleTests'
import { useAnswer } from '../../data/useAnswer'
import { useNames } from '../../data/useNames'
import { rulesWords } from './words'

const say = rulesWords.ruleDialog

/** Builds a matching rule: what targets must be, and for which products. Counts and samples follow every change. */
const props = defineProps<{ rule: Rule }>()
const emit = defineEmits<{ close: []; save: [rule: Rule] }>()
const studio = useStudioShop()
const store = useDrafts()
const tried = useTried()
const names = useNames()
onMounted(() => studio.loadFacets())

/** Both halves as groups, so that there is always one to add to. */
const asGroup = <Test extends object>(condition: Condition<Test>): Condition<Test> =>
  isGroup(condition) ? condition : { all: [condition] }
const when = ref(asGroup(props.rule.when)) as Ref<Condition<ProductTest>>
const pick = ref(asGroup(props.rule.pick)) as Ref<Condition<TargetTest>>
/** What is not filled in yet is left out of what is asked and saved. */
function filledIn<Test extends TargetTest>(condition: Condition<Test>): Condition<Test> {
  if (!isGroup(condition)) return condition
  const kept = partsOf(condition)
    .filter(part => isGroup(part) || isFilledIn(part as Test))
    .map(part => filledIn(part))
  return { [Object.keys(condition)[0]!]: kept } as unknown as Condition<Test>
}
const now = computed<Rule>(() => ({ when: filledIn(when.value), pick: filledIn(pick.value) }))
const isWhole = computed(() => JSON.stringify(now.value) === JSON.stringify({ when: when.value, pick: pick.value }))
const isValid = computed(() => ruleSchema.safeParse(now.value).success && isWhole.value)
const problems = computed(() =>
  ruleProblems(now.value, {
    ...names,
    isKnown: ({ of, name, value }) => {
      if (of === 'category') return studio.categories.some(each => each.key === name)
      if (!studio.facets) return true
      if (of === 'attribute')
        return studio.facets.attributes.some(
          each => each.name === name && (value === undefined || each.values.some(known => known.value === value)),
        )
      return (of === 'brand' ? studio.facets.brands : studio.facets.tags).some(each => each.value === name)
    },
    hasAttribute: name => store.answer?.attributes.includes(name) ?? true,
  }),
)

const { answer, failed } = useAnswer(
  () => (tried.product && isWhole.value ? JSON.stringify({ rule: now.value, source: tried.product.sku }) : null),
  200,
  (question, signal) => callApi(ruleAnswerSchema, '/api/rules/count', { method: 'POST', body: JSON.parse(question) as object, signal }),
)
const finding = ref(false)
function save(): void {
  if (!isValid.value) return
  emit('save', now.value)
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="1020" aria-labelledby="rule-title" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <h2 id="rule-title">{{ say.matchingRule }}</h2>
      <p class="aloud" role="status">{{ say.takes(ruleWords(now, names)) }}</p>
      <div class="body">
        <div class="builder">
          <section :aria-label="say.pick">
            <h3>
              {{ say.pickProductsThatAre }} <span class="small soft">{{ say.heldAgainstTheProductThe }}</span>
            </h3>
            <RuleGroup
              :group="pick"
              path="pick"
              :sorts="targetTests"
              :counts="answer?.counts ?? {}"
              :problems="problems"
              :depth="0"
              @change="next => (pick = next)"
            />
          </section>
          <section :aria-label="say.when">
            <h3>
              {{ say.onlyWhenThatProductIs }} <span class="small soft">{{ say.nothingHereForEveryProduct }}</span>
            </h3>
            <RuleGroup
              :group="when as Condition<TargetTest>"
              path="when"
              :sorts="productTests"
              :counts="answer?.counts ?? {}"
              :problems="problems"
              :depth="0"
              @change="next => (when = next as Condition<ProductTest>)"
            />
          </section>
        </div>
        <section class="samples" :aria-label="say.samples">
          <p class="on">
            {{ say.for }}
            <button type="button" class="dotted" @click="finding = true">{{ tried.product?.name ?? say.chooseAProduct }}</button>
          </p>
          <p v-if="failed" class="small wrong">{{ failed }}</p>
          <template v-else-if="answer">
            <p v-if="!answer.applies" class="small wrong">{{ say.theRuleIsNotFor }}</p>
            <p class="small soft total">
              <b>{{ answer.counts.pick!.toLocaleString('en') }}</b>
              {{ say.theRuleIsFor(answer.counts.pick === 1 ? say.productMatches : say.productsMatch) }}
              <b>{{ answer.counts.when!.toLocaleString('en') }}</b> {{ answer.counts.when === 1 ? say.product : say.products }}
            </p>
            <ul>
              <li v-for="row in answer.matches" :key="row.sku">
                <ProductPicture :src="row.image" class="thumb" /><span class="cut name">{{ row.name }}</span
                ><span class="small soft price">{{ studio.money(row.price) }}</span>
              </li>
            </ul>
            <p v-if="answer.counts.pick! > answer.matches.length" class="small soft">
              {{ say.bestSellingFirstMore((answer.counts.pick! - answer.matches.length).toLocaleString('en')) }}
            </p>
          </template>
        </section>
      </div>
      <div class="ways">
        <button type="button" class="plain-button" @click="emit('close')">{{ say.leaveIt }}</button>
        <button type="button" class="main-button" :disabled="!isValid" @click="save">{{ say.takeThisRule }}</button>
      </div>
    </v-card>
    <QuickFind v-model="finding" @choose="sku => tried.choose(sku)" />
  </v-dialog>
</template>

<style scoped>
.aloud {
  font-size: 14.5px;
  line-height: 1.5;
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 264px;
  gap: 24px;
  max-height: calc(100dvh - 240px);
  min-height: 320px;
}
.builder {
  display: grid;
  gap: 20px;
  align-content: start;
  padding-right: 4px;
  overflow-y: auto;
}
h3 {
  margin-bottom: 8px;
  font-size: 14.5px;
}
h3 .small {
  margin-left: 6px;
  font: 12.5px/1.3 var(--text);
  letter-spacing: 0;
}
.samples {
  padding-left: 22px;
  border-left: 1px solid var(--line-soft);
  overflow-y: auto;
}
.on {
  margin: 0 0 6px;
}
.total {
  margin: 0 0 8px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 34px;
}
.thumb {
  width: 26px;
  height: 26px;
}
.name {
  flex: 1;
  font-size: 13px;
}
.price {
  flex: none;
}
@media (max-width: 860px) {
  .body {
    grid-template-columns: 1fr;
  }
  .samples {
    padding: 0;
    border: 0;
  }
}
</style>
