<template>
  <v-app class="studio">
    <slot />
  </v-app>
</template>
