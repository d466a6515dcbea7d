<script setup lang="ts">
import { isSignedOut } from '../../data/serverState'
import { accessPartWords } from './words'

const say = accessPartWords.signedOut
/** Lets whoever is signed out in the middle of their work sign in again, without losing it. */
const title = useId()
</script>

<template>
  <v-dialog :model-value="isSignedOut" persistent max-width="400" :aria-labelledby="title">
    <v-card rounded="lg" class="studio ask">
      <h2 :id="title">{{ say.title }}</h2>
      <p class="soft">{{ say.hint }}</p>
      <SignInForm @signed-in="isSignedOut = false" />
    </v-card>
  </v-dialog>
</template>
