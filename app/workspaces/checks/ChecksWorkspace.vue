<script setup lang="ts">
import type { Check } from '../../../core/checks/check'
import { checkSchema, checkGroups } from '../../../core/checks/check'
import { checkWords } from '../../../core/checks/checkWords'
import { useChecks } from '../../data/checks'
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { useFollowing } from '../../data/useFollowing'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { checksWords } from './words'

const say = checksWords.checksWorkspace

/** The Checks workspace: what is wrong for shoppers, and where it is mended. */
const studio = useStudioShop()
const history = useHistory()
const checks = useChecks()

const chosen = computed(() => checkSchema.safeParse(key.value).data ?? (key.value === 'aside' ? 'aside' : null))
function nameOfChosen(): string | null {
  if (!chosen.value) return null
  return chosen.value === 'aside' ? say.putAside : checkWords[chosen.value].title
}
/** The first check that found something: when everything is looked at, or it would depend on what was looked at first. */
function first(): Check | null {
  if (!checks.answer?.settled) return null
  const all = checkGroups.flatMap<Check>(group => group.checks)
  return all.find(each => checks.of(each)?.count && checks.of(each)!.aside === null) ?? null
}
const { key, open } = useOpened('/checks', first)
useWorkspaceTitle(say.checks, nameOfChosen)

const load = () => Promise.all([studio.load(), history.load(), checks.ask()])
onBeforeUnmount(checks.stop)
const stepped = useFollowing(async things => {
  void checks.ask()
  if (!things || things.some(each => each.of === 'kind' || each.of === 'kindOrder')) await studio.refresh()
})
</script>

<template>
  <WorkspacePanes :load="load" :ready="studio.shop !== null && checks.answer !== null" :sizes="[27, 73]" @stepped="stepped">
    <template #list><ChecksPane :chosen="chosen" @open="open" /></template>
    <FindingsPane v-if="chosen" :key="chosen" :of="chosen" />
    <BlankPane v-else-if="key" :title="say.thereIsNoCheck(key)">{{ say.chooseOneInTheList }}</BlankPane>
    <BlankPane v-else-if="checks.answer?.settled && !checks.answer.total" :title="say.thereAreNoProductsYet">{{
      say.bringSomeInFromA
    }}</BlankPane>
    <BlankPane v-else-if="checks.answer?.settled" :title="say.allIsWell">{{ say.theChecksFoundNothingThat }}</BlankPane>
    <BlankPane v-else :title="say.lookingThroughTheShop">{{ say.whatIsFoundShowsHere }}</BlankPane>
  </WorkspacePanes>
</template>
