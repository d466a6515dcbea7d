<script setup lang="ts">
import type { Component } from 'vue'
import type { CardPart, Device, Display, HeadingIcon as Icon, Layout } from '../../../core/sections/display'
import { cardPartSchema, devices, headingIconSchema } from '../../../core/sections/display'
import type { Section, SectionSettings } from '../../../core/sections/section'
import PhDesktop from '~icons/ph/desktop'
import PhDeviceMobile from '~icons/ph/device-mobile'
import PhDeviceTablet from '~icons/ph/device-tablet'
import { sectionsWords } from './words/sections'

const say = sectionsWords.displayPart

/** How a section and its cards look: columns and rows on each device, what cards show, and the heading. */
const props = defineProps<{ section: Section }>()
const emit = defineEmits<{ change: [settings: Partial<SectionSettings>] }>()
const look = computed(() => props.section.display)
const set = (part: Partial<Display>) => emit('change', { display: { ...look.value, ...part } })

const hasColumns: readonly Layout[] = ['grid', 'shelf', 'list', 'tiles']
const icons: Record<Device, Component> = { desktop: PhDesktop, tablet: PhDeviceTablet, phone: PhDeviceMobile }
const setFit = (device: Device, part: Partial<Display['devices'][Device]>) =>
  set({ devices: { ...look.value.devices, [device]: { ...look.value.devices[device], ...part } } })
function step(device: Device, by: number): void {
  const columns = look.value.devices[device].columns + by
  if (columns >= 1 && columns <= 6) setFit(device, { columns })
}
const rowChoices = [null, 1, 2, 3, 4].map(rows => [rows, rows === null ? say.allRows : say.rows(rows)] as const)
const setRows = (device: Device, rows: number | null) => setFit(device, { rows })

const cardWords: Record<CardPart, string> = {
  brand: say.brand,
  price: say.price,
  was: say.priceBefore,
  reduction: say.reduction,
  stock: say.stock,
  text: say.shortText,
  button: say.button,
}
const cardParts = cardPartSchema.options.map(part => [part, cardWords[part]] as const)
function toggle(part: CardPart): void {
  set({ card: cardPartSchema.options.filter(each => (each === part) !== look.value.card.includes(each)) })
}
const iconWords: Record<Icon, string> = {
  star: say.aStar,
  heart: say.aHeart,
  gift: say.aPresent,
  wrench: say.aSpanner,
  leaf: say.aLeaf,
  tag: say.aLabel,
  bag: say.aBag,
  clock: say.aClock,
  sun: say.aSun,
  truck: say.aLorry,
  book: say.aBook,
  brand: say.theBrandsMark,
}
type Choice<T> = readonly (readonly [T, string])[]
const pictures: Choice<Display['picture']> = [
  ['landscape', say.wide],
  ['square', say.square],
  ['portrait', say.tall],
]
const sizes: Choice<Display['heading']['size']> = [
  ['small', say.small],
  ['medium', say.medium],
  ['large', say.large],
]
const aligns: Choice<Display['heading']['align']> = [
  ['start', say.atTheStart],
  ['center', say.inTheMiddle],
]
const folds: Choice<Display['fold']> = [
  ['no', say.alwaysOpen],
  ['open', say.canBeFoldedBeginsOpen],
  ['closed', say.canBeFoldedBeginsClosed],
]
const turns: Choice<Display['turn']> = [
  ['arrows', say.arrows],
  ['dots', say.dots],
  ['numbers', say.numbers],
]
const alls: Choice<Display['seeAll']> = [
  ['no', say.noLinkToAll],
  ['brand', say.seeAllOfTheBrand],
  ['category', say.seeAllOfTheCategory],
]
const peeks: Choice<boolean> = [
  [true, say.withAPartOfThe],
  [false, say.wholeCardsOnly],
]
const reductions: Choice<Display['reduction']> = [
  ['percent', say.inPercent],
  ['amount', say.asAnAmount],
]
const setHeading = (part: Partial<Display['heading']>) => set({ heading: { ...look.value.heading, ...part } })
</script>

<template>
  <div class="look">
    <div v-if="hasColumns.includes(section.layout)" class="devices" role="group" :aria-label="say.sideBySide">
      <span class="small soft">{{ say.sideBySideWord }}</span>
      <span v-for="device in devices" :key="device" class="device" role="group" :aria-label="say.onA(device)">
        <component :is="icons[device]" width="17" height="17" aria-hidden="true" />
        <span class="stepper"
          ><button type="button" :aria-label="say.fewerOnA(device)" @click="step(device, -1)">−</button
          ><b>{{ look.devices[device].columns }}<template v-if="section.layout === 'shelf' && look.peek">½</template></b
          ><button type="button" :aria-label="say.moreOnA(device)" @click="step(device, 1)">+</button></span
        >
        <DottedChoice
          v-if="section.layout !== 'shelf'"
          :label="say.rowsOnA(device)"
          :choices="rowChoices"
          :model-value="look.devices[device].rows"
          class="small"
          @update:model-value="rows => setRows(device, rows)"
        />
      </span>
    </div>
    <p class="say">
      <template v-if="section.layout === 'shelf'"
        ><DottedChoice :label="say.nextCard" :choices="peeks" :model-value="look.peek" @update:model-value="peek => set({ peek })" />{{
          say.turnedBy
        }}
        <DottedChoice
          :label="say.whatTurns"
          :choices="turns"
          :model-value="look.turn"
          @update:model-value="turn => set({ turn })"
        />, </template
      >{{ say.pictures }}
      <DottedChoice
        :label="say.shapeOfPictures"
        :choices="pictures"
        :model-value="look.picture"
        @update:model-value="picture => set({ picture })"
      />{{ say.heading }}
      <DottedChoice
        :label="say.sizeOfHeading"
        :choices="sizes"
        :model-value="look.heading.size"
        @update:model-value="size => setHeading({ size })"
      />
      {{ say.and }}
      <DottedChoice
        :label="say.placeOfHeading"
        :choices="aligns"
        :model-value="look.heading.align"
        @update:model-value="align => setHeading({ align })"
      /><v-menu location="bottom start">
        <template #activator="{ props: menu }"
          >{{ say.with }}
          <button type="button" class="dotted" v-bind="menu">{{ look.heading.icon ? iconWords[look.heading.icon] : say.noPicture }}</button>
          {{ say.besideIt }}</template
        >
        <v-list density="compact" class="studio" :aria-label="say.besideTheHeading">
          <v-list-item :active="look.heading.icon === null" color="primary" @click="setHeading({ icon: null })"
            ><v-list-item-title>{{ say.noPicture }}</v-list-item-title></v-list-item
          >
          <v-list-item
            v-for="icon in headingIconSchema.options"
            :key="icon"
            :active="look.heading.icon === icon"
            color="primary"
            @click="setHeading({ icon })"
          >
            <template #prepend><HeadingIcon :icon="icon" class="icon" /></template
            ><v-list-item-title>{{ iconWords[icon] }}</v-list-item-title>
          </v-list-item>
        </v-list> </v-menu
      >, <DottedChoice :label="say.folding" :choices="folds" :model-value="look.fold" @update:model-value="fold => set({ fold })" />,
      <DottedChoice :label="say.linkToAll" :choices="alls" :model-value="look.seeAll" @update:model-value="seeAll => set({ seeAll })" />
    </p>
    <ToggleChips v-if="section.layout !== 'tiles'" :label="say.eachProductShows" :choices="cardParts" :chosen="look.card" @toggle="toggle">
      <DottedChoice
        v-if="look.card.includes('reduction')"
        :label="say.reduction"
        :choices="reductions"
        :model-value="look.reduction"
        class="small"
        @update:model-value="reduction => set({ reduction })"
      />
    </ToggleChips>
  </div>
</template>

<style scoped>
.look {
  display: grid;
  gap: 10px;
  margin-top: 12px;
}
.devices {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}
.device {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  color: var(--ink-soft);
}
.stepper {
  display: inline-flex;
  align-items: center;
  height: 30px;
  border: 1px solid var(--line);
  border-radius: 8px;
  color: var(--ink);
}
.stepper button {
  width: 26px;
  height: 28px;
  border: 0;
  border-radius: 7px;
  background: none;
  color: var(--ink-soft);
  font: 15px/1 var(--text);
  cursor: pointer;
}
.stepper button:hover {
  background: var(--sunk);
}
.stepper b {
  min-width: 20px;
  text-align: center;
  font-variant-numeric: tabular-nums;
}
.say {
  margin: 0;
  font-size: 13.5px;
  line-height: 1.75;
}
.icon {
  width: 20px;
  height: 20px;
  margin-right: 12px;
}
</style>
