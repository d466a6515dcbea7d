<script setup lang="ts">
import type { BundleSettings } from '../../../core/bundles/bundleSettings'
import { useBundles } from './bundles'
import { useStudioShop } from '../../data/studioShop'
import { usePictureUpload } from '../../data/usePictureUpload'
import { bundlesWords } from './words/bundles'

const say = bundlesWords.bundleFacts

/** Where a bundle stands in the shop, what is said of it, and its picture. */
defineProps<{ settings: BundleSettings }>()
const store = useBundles()
const studio = useStudioShop()
const language = computed(() => studio.shop!.settings.language)

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
    <label
      >{{ say.description }}
      <textarea
        v-typed="studio.words(settings.description)"
        rows="3"
        maxlength="20000"
        @input="store.change({ description: { ...settings.description, [language]: ($event.target as HTMLTextAreaElement).value } }, true)"
        @change="store.flush()"
      />
    </label>
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
label {
  display: grid;
  gap: 4px;
  color: var(--ink-soft);
  font-size: 13px;
}
textarea {
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
