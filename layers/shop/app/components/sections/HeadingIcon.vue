<script setup lang="ts">
import type { Component } from 'vue'
import type { HeadingIcon } from '../../../../../core/sections/display'
import PhBookOpen from '~icons/ph/book-open'
import PhClock from '~icons/ph/clock'
import PhGift from '~icons/ph/gift'
import PhHeart from '~icons/ph/heart'
import PhLeaf from '~icons/ph/leaf'
import PhSeal from '~icons/ph/seal'
import PhShoppingBag from '~icons/ph/shopping-bag'
import PhStar from '~icons/ph/star'
import PhSun from '~icons/ph/sun'
import PhTag from '~icons/ph/tag'
import PhTruck from '~icons/ph/truck'
import PhWrench from '~icons/ph/wrench'

/** A small picture beside a heading. */
defineProps<{ icon: HeadingIcon }>()
const icons: Record<HeadingIcon, Component> = {
  star: PhStar,
  heart: PhHeart,
  gift: PhGift,
  wrench: PhWrench,
  leaf: PhLeaf,
  tag: PhTag,
  bag: PhShoppingBag,
  clock: PhClock,
  sun: PhSun,
  truck: PhTruck,
  book: PhBookOpen,
  brand: PhSeal,
}
</script>

<template>
  <component :is="icons[icon]" aria-hidden="true" />
</template>
