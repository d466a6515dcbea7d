<script setup lang="ts">
import { Pane, Splitpanes } from 'splitpanes'
import type { CommandAnswer } from '../../../core/workbench/workbench'
import { checkSchema as anyCheck, checkGroups } from '../../../core/checks/check'
import { checkWords } from '../../../core/checks/checkWords'
import { useChecks } from '../../data/checks'
import { useHistory } from '../../data/history'
import { useMessages } from '../../data/messages'
import { useStudioShop } from '../../data/studioShop'
import { labelSplitters } from '../../elements/labelSplitters'
import { useChangeEvents } from '../../data/useChangeEvents'

/** The Checks workspace: what is wrong for shoppers, and where it is mended. */
const route = useRoute()
const studio = useStudioShop()
const history = useHistory()
const messages = useMessages()
const checks = useChecks()

const key = computed(() => String(route.params.check ?? ''))
const chosen = computed(() => anyCheck.safeParse(key.value).data ?? (key.value === 'aside' ? 'aside' : null))
useHead({
  title: () =>
    chosen.value ? `${chosen.value === 'aside' ? 'Put aside' : checkWords[chosen.value].title} · Checks · Manada` : 'Checks · Manada',
})

const load = () => Promise.all([studio.load(), history.load(), checks.ask()])
onBeforeUnmount(checks.stop)
// Without a check in the address, the first that found something is opened: when everything is looked at, or it would depend on what was
// looked at first.
watch(
  [key, () => checks.answer],
  () => {
    if (key.value || !checks.answer?.settled) return
    const first = checkGroups
      .flatMap<(typeof anyCheck.options)[number]>(group => group.checks)
      .find(each => checks.of(each)?.count && checks.of(each)!.aside === null)
    if (first) void navigateTo(`/checks/${first}`, { replace: true })
  },
  { immediate: true },
)

function stepped(done: CommandAnswer): void {
  messages.tell(done.words)
  void checks.ask()
}
useChangeEvents(change => {
  if (!change?.changes || change.changes.some(each => each.of === 'kind' || each.of === 'kindOrder')) void studio.refresh()
  void checks.ask()
  void history.load()
})
</script>

<template>
  <StudioFrame
    :load="load"
    :ready="studio.shop !== null && checks.answer !== null"
    @stepped="stepped"
    @choose="sku => navigateTo(`/products/${encodeURIComponent(sku)}`)"
  >
    <Splitpanes @ready="labelSplitters" @resized="labelSplitters">
      <Pane :size="27" :min-size="20"><ChecksPane :chosen="chosen" @open="next => navigateTo(`/checks/${next}`)" /></Pane>
      <Pane :size="73" :min-size="40">
        <FindingsPane v-if="chosen" :key="chosen" :of="chosen" />
        <BlankPane v-else-if="key" :title="`There is no check “${key}”`">Choose one in the list.</BlankPane>
        <BlankPane v-else-if="checks.answer?.settled && !checks.answer.total" title="There are no products yet"
          >Bring some in from a file, in Exchange. The checks look at them at once.</BlankPane
        >
        <BlankPane v-else-if="checks.answer?.settled" title="All is well">The checks found nothing that shoppers would miss.</BlankPane>
        <BlankPane v-else title="Looking through the shop">What is found shows here as soon as it is.</BlankPane>
      </Pane>
    </Splitpanes>
  </StudioFrame>
</template>
