<script setup lang="ts">
import type { BundleType } from '../../../core/catalogue/bundle'
import { emptyBundle } from '../../../core/catalogue/bundle'
import { skuSchema } from '../../../core/catalogue/sku'
import { useBundles } from './bundles'
import { useStudioShop } from '../../data/studioShop'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.newBundleDialog

/** Asks what a new bundle is called and of what type it is. */
const emit = defineEmits<{ close: []; added: [sku: string] }>()
const store = useBundles()
const studio = useStudioShop()

const types: { type: BundleType; name: string; words: string }[] = [
  { type: 'fixed', name: say.alwaysTheSame, words: say.aSmokerAHiveTool },
  { type: 'choice', name: say.withChoices, words: say.aSuitInSizeAnd },
  { type: 'pickAny', name: say.pickAny, words: say.threeBagsOfSeedOut },
]
const type = ref<BundleType>('fixed')
const name = ref('')
const taken = computed(() => new Set((store.rows ?? []).map(each => each.sku)))
const sku = ref(store.nextSku())
const wrong = computed(() =>
  taken.value.has(sku.value.trim()) ? say.anotherBundleHasThisSku : (skuSchema.safeParse(sku.value.trim()).error?.issues[0]?.message ?? ''),
)

const busy = ref(false)
/** The dialog stays until the bundle is there: what was typed is kept when it is refused. */
async function add(): Promise<void> {
  const own = sku.value.trim()
  busy.value = true
  const isAdded = await store.sendAndTell({
    type: 'addBundle',
    sku: own,
    name: { [studio.shop!.settings.language]: name.value.trim() },
    bundle: emptyBundle(type.value),
  })
  busy.value = false
  if (!isAdded) return
  await store.loadRows()
  emit('added', own)
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" aria-labelledby="new-bundle" @update:model-value="emit('close')">
    <v-card rounded="lg" class="studio ask">
      <form @submit.prevent="add">
        <h2 id="new-bundle">{{ say.newBundle }}</h2>
        <div class="types" role="radiogroup" :aria-label="say.whatIsInIt">
          <label v-for="each in types" :key="each.type" class="type" :class="{ on: type === each.type }">
            <input v-model="type" type="radio" name="type" :value="each.type" /><span
              ><b>{{ each.name }}</b
              ><span class="small soft">{{ each.words }}</span></span
            >
          </label>
        </div>
        <div class="fields">
          <label>{{ say.name }}<input v-model="name" type="text" maxlength="120" autofocus /></label>
          <label>{{ say.sku }}<input v-model="sku" type="text" maxlength="64" /></label>
        </div>
        <p class="hint wrong small" role="alert">{{ wrong }}</p>
        <div class="ways">
          <button type="button" class="plain-button" @click="emit('close')">{{ say.leaveIt }}</button>
          <button type="submit" class="main-button" :disabled="!name.trim() || !!wrong || busy">{{ say.addADraft }}</button>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.types {
  display: grid;
  gap: 6px;
  margin: 12px 0 14px;
}
.ask .type {
  display: flex;
  align-items: flex-start;
  gap: 10px;
  padding: 9px 12px;
  border: 1px solid var(--line);
  border-radius: 8px;
  color: var(--ink);
  font-size: 14px;
  cursor: pointer;
}
.type.on {
  border-color: var(--petrol);
  background: var(--petrol-wash);
}
.type input {
  margin-top: 3px;
  accent-color: var(--petrol);
}
.type span {
  display: grid;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 130px;
  gap: 12px;
}
.fields label:focus-within {
  color: var(--ink);
}
</style>
