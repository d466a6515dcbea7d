<script setup lang="ts">
import type { BundleSettings } from '../../../core/bundles/bundleSettings'
import { useBundles } from './bundles'
import { useStudioShop } from '../../data/studioShop'
import { usePictureUpload } from '../../data/usePictureUpload'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundleFacts

/** Where a bundle stands in the shop, what is said of it, and its picture. */
const props = defineProps<{ settings: BundleSettings }>()
const store = useBundles()
const studio = useStudioShop()
/** While it is typed. Emptied, there is none in this language. */
function describe(language: string, { target }: Event): void {
  const { [language]: _, ...others } = props.settings.description
  const words = (target as HTMLTextAreaElement).value
  store.change({ description: words.trim() ? { ...others, [language]: words } : others }, true)
}

const input = useTemplateRef<HTMLInputElement>('input')
const take = usePictureUpload(image => store.change({ image }))
const composed = computed(() => store.rows?.find(each => each.sku === store.open?.sku)?.image ?? null)
</script>

<template>
  <section class="part" :aria-label="say.inTheShop">
    <h2>{{ say.inTheShop }}</h2>
    <div class="row">
      <ProductPicture :src="settings.image ?? composed" class="picture" />
      <div class="side">
        <span class="small soft">{{ settings.image ? say.itsOwnPicture : say.madeOfThePicturesOf }}</span>
        <span
          ><button type="button" class="text-button" @click="input?.click()">
            {{ settings.image ? say.anotherPicture : say.chooseAPicture }}</button
          ><button v-if="settings.image" type="button" class="text-button away" @click="store.change({ image: null })">
            {{ say.makeOneOfTheParts }}
          </button></span
        >
      </div>
    </div>
    <label
      >{{ say.categories }}
      <v-autocomplete
        :model-value="settings.categories"
        :items="studio.categoryChoices"
        multiple
        chips
        closable-chips
        :aria-label="say.categories"
        @update:model-value="(categories: string[]) => store.change({ categories })"
      />
    </label>
    <div class="texts">
      <span>{{ say.name }}</span>
      <LanguageFields :text="settings.name" :label="say.name" :most="120" named="name" @change="name => store.change({ name })" />
    </div>
    <div class="texts">
      <span>{{ say.description }}</span>
      <div v-for="each in studio.shop!.settings.languages" :key="each">
        <label class="text">
          <span class="tag">{{ each }}</span>
          <textarea
            v-typed="settings.description[each] ?? ''"
            rows="3"
            maxlength="20000"
            :aria-label="say.descriptionIn(each)"
            @input="describe(each, $event)"
            @change="store.flush()"
          />
        </label>
        <OlderWords class="older" text="description" :language="each" />
      </div>
    </div>
    <input
      ref="input"
      class="unseen"
      type="file"
      accept=".svg,.png,.jpg,.jpeg,.webp,.avif,image/*"
      :aria-label="say.pictureOfTheBundle"
      tabindex="-1"
      @change="take"
    />
  </section>
</template>

<style scoped>
.part {
  display: grid;
  gap: 12px;
  padding: 14px 18px 22px;
}
h2 {
  font-size: 14.5px;
}
.row {
  display: flex;
  align-items: center;
  gap: 14px;
}
.picture {
  width: 76px;
  height: 76px;
  border-radius: 10px;
}
.side {
  display: grid;
  gap: 2px;
}
.away {
  margin-left: 14px;
}
label,
.texts {
  display: grid;
  gap: 4px;
  color: var(--ink-soft);
  font-size: 13px;
}
.texts :deep(input) {
  color: var(--ink);
}
.older {
  margin-left: 34px;
}
label.text {
  display: flex;
  align-items: flex-start;
  gap: 8px;
}
.tag {
  flex: none;
  width: 26px;
  padding-top: 8px;
  font-size: 12.5px;
  font-weight: 600;
}
textarea {
  flex: 1;
  padding: 8px 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  font: 14px/1.4 var(--text);
  resize: vertical;
}
textarea:focus-visible {
  outline: 2px solid var(--petrol);
  outline-offset: 0;
}
</style>
