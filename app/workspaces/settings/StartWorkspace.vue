<script setup lang="ts">
import { z } from 'zod'
import { useLocalStorage } from '@vueuse/core'
import PhCheck from '~icons/ph/check'
import PhDownloadSimple from '~icons/ph/download-simple'
import { counted } from '../../../core/text/sentence'
import { callApi } from '../../data/callApi'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { useFollowing } from '../../data/useFollowing'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { settingsWords } from './words'

const say = settingsWords.startWorkspace

/** The first steps of a new shop: its products, what Manada should know of it, and a first page. */
const history = useHistory()
const studio = useStudioShop()
const messages = useMessages()
useWorkspaceTitle(say.title)
const load = () => Promise.all([studio.load(), history.load()])
const stepped = useFollowing(() => studio.refresh())
const products = computed(() => studio.shop?.products ?? 0)
const isNamed = computed(() => studio.shop!.settings.name !== 'My shop')
const steps = computed(() => [
  { words: say.step.file, done: products.value > 0 },
  { words: say.step.about, done: products.value > 0 && isNamed.value },
  { words: say.step.look, done: false },
])
const now = computed(() => steps.value.findIndex(each => !each.done))

/** Where the Products workspace shows the shop beside the bench. */
const beside = useLocalStorage('manada-beside', 'find')
async function look(): Promise<void> {
  try {
    const { rows } = await callApi(z.object({ rows: z.array(z.object({ sku: z.string() })) }), '/api/products', { query: { limit: 1 } })
    beside.value = 'shop'
    await navigateTo(`/products/${encodeURIComponent(rows[0]!.sku)}`)
  } catch (error) {
    messages.refuse(error)
  }
}
</script>

<template>
  <StudioFrame :load="load" :ready="studio.shop !== null" @stepped="stepped">
    <div class="start">
      <header>
        <div class="lead">
          <h1>{{ products ? say.headingAfter : say.heading }}</h1>
          <p class="soft">{{ products ? say.leadAfter(counted(products, 'product')) : say.lead }}</p>
        </div>
        <ol :aria-label="say.steps">
          <li v-for="(step, i) in steps" :key="step.words" :class="{ done: step.done }" :aria-current="i === now ? 'step' : undefined">
            <span class="mark"
              ><PhCheck v-if="step.done" width="13" height="13" /><template v-else>{{ i + 1 }}</template></span
            >{{ step.words }}
          </li>
        </ol>
        <div v-if="products" class="ways">
          <NuxtLink to="/products" class="plain-button">{{ say.allProducts }}</NuxtLink>
          <button type="button" class="main-button" @click="look">{{ say.lookAtAPage }}</button>
        </div>
      </header>
      <ImportPane @imported="studio.refresh">
        <div class="sample">
          <p class="small soft">{{ say.needs }}</p>
          <p class="small soft">{{ say.sample }}</p>
          <a class="plain-button" href="/sample-products.csv" download><PhDownloadSimple width="16" height="16" />{{ say.takeSample }}</a>
        </div>
      </ImportPane>
      <section class="about" :aria-label="say.about">
        <h2>{{ say.about }}</h2>
        <p class="small soft">{{ say.aboutLead }}</p>
        <NamePart />
        <CurrencyPart />
        <LanguagesPart />
        <TimeZonePart />
        <AddressPart />
        <StockPart />
        <WelcomePart />
      </section>
    </div>
  </StudioFrame>
</template>

<style scoped>
.start {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 400px;
  height: 100%;
}
header {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 28px;
  padding: 16px 24px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.lead {
  flex: 1;
  min-width: 0;
}
h1 {
  font-size: 22px;
}
h2 {
  font-size: 17px;
}
p {
  margin: 2px 0 0;
}
ol {
  display: flex;
  flex: none;
  gap: 18px;
  margin: 0;
  padding: 0;
  color: var(--ink-soft);
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  gap: 7px;
  font-size: 13.5px;
}
.mark {
  display: grid;
  place-items: center;
  width: 22px;
  height: 22px;
  border: 1px solid var(--line);
  border-radius: 50%;
  background: var(--sheet);
  font-size: 12px;
  font-weight: 600;
}
[aria-current] {
  color: var(--ink);
  font-weight: 600;
}
[aria-current] .mark {
  border-color: var(--petrol);
  color: var(--petrol);
}
.done .mark {
  border-color: var(--moss);
  background: var(--moss);
  color: #fff;
}
.ways {
  display: flex;
  flex: none;
  gap: 8px;
}
a.plain-button {
  display: inline-flex;
  align-items: center;
  gap: 7px;
  color: inherit;
  text-decoration: none;
}
.sample {
  display: grid;
  gap: 6px;
  justify-items: center;
  margin-top: 18px;
}
.about {
  overflow-y: auto;
  padding: 18px 20px 32px;
  border-left: 1px solid var(--line);
  background: var(--paper);
}
.about > p {
  margin-bottom: 12px;
}
@media (max-width: 1000px) {
  .start {
    display: block;
    overflow-y: auto;
  }
  header {
    flex-wrap: wrap;
  }
  .about {
    border-left: 0;
  }
}
</style>
