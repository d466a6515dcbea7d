<script setup lang="ts">
import { useMessages } from '../../../data/messages'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { usePictureUpload } from '../../../data/usePictureUpload'
import { looksWords } from '../words/looks'

const say = looksWords.brandMarks

/** The pictures that brands are known by. They are facts about brands: shoppers have them at once. */
const studio = useStudioShop()
const store = useDrafts()
const messages = useMessages()
onMounted(() => studio.loadFacets().catch(error => messages.refuse(error)))

const words = ref('')
const brands = computed(() =>
  (studio.facets?.brands ?? []).filter(each => each.value.toLowerCase().includes(words.value.trim().toLowerCase())),
)
const maxListed = 60

const input = useTemplateRef<HTMLInputElement>('input')
let brandOf = ''
function ask(brand: string): void {
  brandOf = brand
  input.value?.click()
}
const take = usePictureUpload(image => set(brandOf, image))
async function set(brand: string, image: string | null): Promise<void> {
  if (await store.sendAndTell({ type: 'setBrandMark', brand, image })) await studio.refresh()
}
</script>

<template>
  <div>
    <p class="small soft">{{ say.theyStandBesideHeadingsThat }}</p>
    <v-text-field
      v-if="(studio.facets?.brands.length ?? 0) > 12"
      v-model="words"
      type="search"
      :placeholder="say.findABrand"
      :aria-label="say.findABrand"
    />
    <ul :aria-label="say.marksOfBrands">
      <li v-for="{ value, count } in brands.slice(0, maxListed)" :key="value">
        <span class="mark"><img v-if="studio.shop!.brandMarks[value]" :src="studio.shop!.brandMarks[value]" alt="" /></span>
        <span class="cut name">{{ value }}</span><span class="small soft">{{ count.toLocaleString('en') }}</span>
        <span class="grow" />
        <button type="button" class="text-button" :aria-label="say.chooseAPictureFor(value)" @click="ask(value)">
          {{ studio.shop!.brandMarks[value] ? say.anotherPicture : say.chooseAPicture }}
        </button>
        <button
          v-if="studio.shop!.brandMarks[value]"
          type="button"
          class="text-button"
          :aria-label="say.takeTheMarkAwayFrom(value)"
          @click="set(value, null)"
        >
          {{ say.takeAway }}
        </button>
      </li>
    </ul>
    <p v-if="studio.facets && !studio.facets.brands.length" class="small soft">{{ say.noProductHasABrand }}</p>
    <p v-else-if="brands.length > maxListed" class="small soft">
      {{ say.andMoreFindThemBy((brands.length - maxListed).toLocaleString('en')) }}
    </p>
    <input
      ref="input"
      class="unseen"
      type="file"
      accept=".svg,.png,.jpg,.jpeg,.webp,.avif,image/*"
      :aria-label="say.pictureOfABrand"
      tabindex="-1"
      @change="take"
    />
  </div>
</template>

<style scoped>
p {
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
  gap: 10px;
  min-height: 44px;
  border-bottom: 1px solid var(--line-soft);
}
.mark {
  flex: none;
  width: 32px;
  height: 32px;
  border: 1px dashed var(--line);
  border-radius: 7px;
  overflow: hidden;
}
.mark:has(img) {
  border-style: solid;
  border-color: var(--line-soft);
}
.mark img {
  display: block;
  width: 100%;
  height: 100%;
  object-fit: contain;
}
.name {
  font-weight: 550;
}
.grow {
  flex: 1;
}
</style>
