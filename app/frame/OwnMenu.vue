<script setup lang="ts">
import { useMe } from '../data/me'
import { frameWords } from './words'

const say = frameWords.ownMenu
/** Who works here, and what there is of it. */
const me = useMe()
const isOpen = ref(false)
</script>

<template>
  <v-menu v-if="me.person" v-model="isOpen" location="bottom end" offset="6">
    <template #activator="{ props: opens }">
      <button type="button" class="icon-button" v-bind="opens" :aria-label="say.you(me.person.name)">
        <PersonMark :name="me.person.name" :colour="me.person.colour" />
        <v-tooltip activator="parent" location="bottom" :disabled="isOpen">{{ me.person.name }}</v-tooltip>
      </button>
    </template>
    <v-list density="compact" min-width="210">
      <v-list-item :title="me.person.name" :subtitle="me.person.role" />
      <v-list-item v-if="!me.may('editor')" class="watches"
        ><span class="small soft">{{ say.watches }}</span></v-list-item
      >
      <v-divider />
      <v-list-item to="/account" :title="say.account" />
      <v-list-item to="/settings" :title="say.settings" />
      <v-list-item v-if="me.may('admin')" to="/people" :title="say.people" />
      <v-list-item :title="say.signOut" @click="me.signOut" />
    </v-list>
  </v-menu>
</template>

<style scoped>
.watches {
  max-width: 240px;
}
</style>
