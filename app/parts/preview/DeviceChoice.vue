<script setup lang="ts">
import type { Component } from 'vue'
import type { Device } from './devices'
import PhDesktop from '~icons/ph/desktop'
import PhDeviceMobile from '~icons/ph/device-mobile'
import PhDeviceTablet from '~icons/ph/device-tablet'
import { previewWords } from './words'

const say = previewWords.deviceChoice

/** As wide as which device a page is drawn. */
const device = defineModel<Device>({ required: true })
const devices: [Device, string, Component][] = [
  ['phone', say.phone, PhDeviceMobile],
  ['tablet', say.tablet, PhDeviceTablet],
  ['desktop', say.desktop, PhDesktop],
]
</script>

<template>
  <button
    v-for="[value, words, icon] in devices"
    :key="value"
    type="button"
    class="icon-button"
    :class="{ on: device === value }"
    :aria-pressed="device === value"
    :aria-label="words"
    @click="device = value"
  >
    <component :is="icon" /><v-tooltip activator="parent" location="bottom">{{ words }}</v-tooltip>
  </button>
</template>
