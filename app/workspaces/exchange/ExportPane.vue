<script setup lang="ts">
import PhDownloadSimple from '~icons/ph/download-simple'
import { useExchange } from '../../parts/importing/useExchange'
import { exchangeWords } from './words'

const say = exchangeWords.exportPane

/** Hands files out, and says what is in them. */
const { exchange, failed, load } = useExchange()
</script>

<template>
  <section class="export" :aria-label="say.export">
    <h2>{{ say.takeAFileOut }}</h2>
    <p class="soft">{{ say.whatYouTakeOutChange }}</p>
    <p v-if="failed" class="wrong" role="alert">
      {{ failed }} <button type="button" class="text-button" @click="load">{{ say.tryAgain }}</button>
    </p>
    <article v-for="file in exchange.kinds" :key="file.kind">
      <div>
        <h3>{{ file.name }}</h3>
        <p class="small soft">{{ file.holds }}</p>
      </div>
      <a
        v-for="{ format, extension } in exchange.formats"
        :key="format"
        class="plain-button get"
        :href="`/api/exchange/export?kind=${file.kind}&format=${format}&mark=1`"
        :download="`${file.kind}.${extension}`"
      >
        <PhDownloadSimple width="16" height="16" />{{ file.kind }}.{{ extension }}
      </a>
      <p class="columns">
        <span v-for="column in file.columns" :key="column" class="mono">{{ column }}</span>
      </p>
    </article>
    <SetUpPart />
    <h2 class="rules">{{ say.howFilesAreRead }}</h2>
    <ul class="small soft">
      <li>
        {{ say.csvInUtf8Commas }}
      </li>
      <li>
        {{ say.severalValuesInACell }} <span class="mono">|</span>{{ say.attributesAndOptionsAre }}
        <span class="mono">{{ say.nameValue }}</span>{{ say.aCategoryIsAPath }} <span class="mono">{{ say.hivesFrames }}</span>.
      </li>
      <li>
        A <span class="mono">{{ say.place }}</span> {{ say.countsFrom1InThe }}
      </li>
      <li>
        {{ say.aVariantNamesItsProduct }} <span class="mono">{{ say.variantof }}</span>{{ say.aNameInAnotherLanguage }}
        <span class="mono">{{ say.nameDe }}</span>.
      </li>
      <li>
        {{ say.programsCanDoTheSame }} <span class="mono">{{ say.postApiExchangeImportKind }}</span> {{ say.and }}
        <span class="mono">{{ say.getApiExchangeExportKind }}</span>{{ say.theSetUpIsAt }}
        <span class="mono">{{ say.apiExchangeSetUp }}</span>{{ say.itsSchemaAt }}
        <span class="mono">{{ say.apiExchangeSetUpSchema }}</span>.
      </li>
    </ul>
  </section>
</template>

<style scoped>
.export {
  height: 100%;
  overflow-y: auto;
  padding: 18px 20px;
  background: var(--paper);
  border-left: 1px solid var(--line);
}
h2 {
  font-size: 18px;
}
h3 {
  font-size: 14.5px;
}
.export > p {
  margin: 4px 0 14px;
}
article {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
  align-items: center;
  padding: 14px 0;
  border-top: 1px solid var(--line);
}
article p {
  margin: 2px 0 0;
}
.get {
  display: flex;
  align-items: center;
  gap: 7px;
  background: var(--sheet);
  text-decoration: none;
}
.columns {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
}
.rules {
  margin-top: 14px;
  padding-top: 18px;
  border-top: 1px solid var(--line);
  font-size: 15px;
}
ul {
  display: grid;
  gap: 7px;
  margin: 8px 0 0;
  padding-left: 18px;
}
.export .mono {
  font-size: 11.5px;
}
</style>
