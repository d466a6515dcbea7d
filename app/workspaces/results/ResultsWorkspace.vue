<script setup lang="ts">
import { orderAnswerSchema } from '../../../core/studio/orderAnswers'
import { callApi } from '../../data/callApi'
import { useHistory } from '../../data/history'
import { useStudioShop } from '../../data/studioShop'
import { useAnswer } from '../../data/useAnswer'
import { useFollowing } from '../../data/useFollowing'
import { useShortcut } from '../../elements/useShortcut'
import { useOpened, useWorkspaceTitle } from '../../frame/useOpened'
import { useOrders } from './useOrders'
import { resultsWords } from './words'

const say = resultsWords.resultsWorkspace

/** The Results workspace: what was ordered. */
const studio = useStudioShop()
const history = useHistory()
const sought = useOrders()
const { key, open } = useOpened('/results', () => sought.rows[0]?.number ?? null)
useWorkspaceTitle(say.results, () => key.value && say.order(key.value))
const { answer, failed } = useAnswer(
  () => key.value,
  0,
  (number, signal) => callApi(orderAnswerSchema, `/api/orders/${encodeURIComponent(number)}`, { signal }),
)
const load = () => Promise.all([studio.load(), history.load()])
const stepped = useFollowing(async things => {
  if (!things || things.some(each => each.of === 'sold')) await sought.refresh()
})
const list = useTemplateRef<HTMLElement>('list')
useShortcut('/', () => list.value?.querySelector<HTMLInputElement>('input[type="search"]')?.focus())
</script>

<template>
  <WorkspacePanes :load="load" :ready="studio.shop !== null && sought.total !== null" :sizes="[30, 70]" @stepped="stepped">
    <template #list
      ><div ref="list" class="list"><OrdersPane :sought="sought" :chosen="key" @open="open" /></div
    ></template>
    <OrderView v-if="answer && answer.number === key" :order="answer" />
    <BlankPane v-else-if="key && failed" :title="say.thereIsNoOrder(key)">{{ say.chooseAnother }}</BlankPane>
    <BlankPane v-else-if="!key && sought.total === 0" :title="say.nobodyHasOrderedYet">{{ say.ordersAppearHere }}</BlankPane>
  </WorkspacePanes>
</template>

<style scoped>
.list {
  height: 100%;
}
</style>
