<script setup lang="ts">
import { useMessages } from '../../../data/messages'
import { useDrafts } from '../../../data/drafts'
import { useStudioShop } from '../../../data/studioShop'
import { usePictureUpload } from '../../../data/usePictureUpload'

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
    <p class="small soft">They stand beside headings that ask for the brand’s mark, and on the brand’s page. Shoppers have them at once.</p>
    <v-text-field
      v-if="(studio.facets?.brands.length ?? 0) > 12"
      v-model="words"
      type="search"
      placeholder="Find a brand"
      aria-label="Find a brand"
    />
    <ul aria-label="Marks of brands">
      <li v-for="{ value, count } in brands.slice(0, maxListed)" :key="value">
        <span class="mark"><img v-if="studio.shop!.brandMarks[value]" :src="studio.shop!.brandMarks[value]" alt="" /></span>
        <span class="cut name">{{ value }}</span><span class="small soft">{{ count.toLocaleString('en') }}</span>
        <span class="grow" />
        <button type="button" class="text-button" :aria-label="`Choose a picture for ${value}`" @click="ask(value)">
          {{ studio.shop!.brandMarks[value] ? 'Another picture' : 'Choose a picture' }}
        </button>
        <button
          v-if="studio.shop!.brandMarks[value]"
          type="button"
          class="text-button"
          :aria-label="`Take the mark away from ${value}`"
          @click="set(value, null)"
        >
          Take away
        </button>
      </li>
    </ul>
    <p v-if="studio.facets && !studio.facets.brands.length" class="small soft">No product has a brand yet.</p>
    <p v-else-if="brands.length > maxListed" class="small soft">
      and {{ (brands.length - maxListed).toLocaleString('en') }} more: find them by name
    </p>
    <input
      ref="input"
      class="unseen"
      type="file"
      accept=".svg,.png,.jpg,.jpeg,.webp,.avif,image/*"
      aria-label="Picture of a brand"
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
