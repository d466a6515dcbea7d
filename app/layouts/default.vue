<script setup lang="ts">
// Not for all pages: the shop has fonts of its own, and says otherwise what becomes of them when they come late.
import '../assets/fonts.css'
</script>

<template>
  <v-app class="studio">
    <slot />
  </v-app>
</template>
