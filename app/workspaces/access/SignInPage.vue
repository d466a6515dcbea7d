<script setup lang="ts">
import { useMe } from '../../data/me'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { accessWords } from './words'

const say = accessWords.entry
/** Asks who one is, and leads on to where one wanted to go. */
const me = useMe()
const route = useRoute()
useWorkspaceTitle(say.signIn)
onMounted(() => me.load().catch(() => undefined))

function goOn(): void {
  const { to } = route.query
  // Only within the studio.
  void navigateTo(typeof to === 'string' && /^\/(?![/\\])/.test(to) ? to : '/products')
}
</script>

<template>
  <EntryFrame :title="say.signIn"><SignInForm @signed-in="goOn" /></EntryFrame>
</template>
