<script setup lang="ts">
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { useFollowing } from '../../data/useFollowing'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { settingsWords } from './words'

const say = settingsWords.settingsWorkspace

/** What holds for the shop as a whole. */
const history = useHistory()
const studio = useStudioShop()
useWorkspaceTitle(say.title)
const load = () => Promise.all([studio.load(), history.load()])
const stepped = useFollowing(() => studio.refresh())
</script>

<template>
  <StudioFrame :load="load" :ready="studio.shop !== null" @stepped="stepped">
    <div class="page">
      <h1>{{ say.title }}</h1>
      <p class="soft">{{ say.lead }}</p>
      <div class="parts">
        <div>
          <h2>{{ say.theShop }}</h2>
          <NamePart />
          <CurrencyPart />
          <LanguagesPart />
          <TimeZonePart />
        </div>
        <div>
          <h2>{{ say.products }}</h2>
          <AddressPart />
          <StockPart />
          <FewPart />
          <WelcomePart />
        </div>
      </div>
    </div>
  </StudioFrame>
</template>

<style scoped>
.page {
  height: 100%;
  overflow-y: auto;
  padding: 20px 28px 40px;
  background: var(--sheet);
}
h1 {
  font-size: 22px;
}
h2 {
  margin-bottom: 8px;
  font-size: 16px;
}
.page > p {
  margin: 4px 0 18px;
}
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(380px, 100%), 1fr));
  gap: 0 48px;
  max-width: 1080px;
}
</style>
