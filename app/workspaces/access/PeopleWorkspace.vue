<script setup lang="ts">
import { roles, roleWords } from '../../../core/access/roles'
import { useMe } from '../../data/me'
import { useHistory } from '../../data/history'
import { useFollowing } from '../../data/useFollowing'
import { useWorkspaceTitle } from '../../frame/useOpened'
import { usePeople } from './people'
import { useStudioShop } from '../../data/studioShop'
import { accessWords } from './words'

const say = accessWords.people
const studio = useStudioShop()
/** Who may come in: people, and programs with their tokens. For admins. */
const me = useMe()
const history = useHistory()
const people = usePeople()
useWorkspaceTitle(say.title)
const mayBeHere = computed(() => me.may('admin'))
const load = async () => {
  await Promise.all([history.load(), studio.load()])
  if (mayBeHere.value) await people.load()
}
// Nothing here is in the history, but undo stands in the bar.
const stepped = useFollowing(async () => undefined)
</script>

<template>
  <StudioFrame :load="load" :ready="!mayBeHere || people.answer !== null" @stepped="stepped">
    <BlankPane v-if="!mayBeHere" :title="say.onlyAdmins">{{ say.onlyAdminsHint }}</BlankPane>
    <div v-else class="page">
      <div class="main">
        <PeoplePart />
        <TokensPart />
      </div>
      <aside :aria-label="say.whoMay">
        <h2>{{ say.whoMay }}</h2>
        <dl>
          <template v-for="role in roles" :key="role">
            <dt>{{ role }}</dt>
            <dd>{{ roleWords[role] }}</dd>
          </template>
        </dl>
      </aside>
    </div>
  </StudioFrame>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  height: 100%;
}
.main {
  overflow-y: auto;
  padding: 20px 28px 40px;
  background: var(--sheet);
}
aside {
  padding: 20px 24px;
  border-left: 1px solid var(--line);
  background: var(--paper);
}
h2 {
  font-size: 17px;
}
dl {
  display: grid;
  gap: 2px;
  margin: 12px 0 0;
}
dt {
  margin-top: 10px;
  font-weight: 650;
}
dd {
  margin: 0;
  color: var(--ink-soft);
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: 1fr;
    overflow-y: auto;
  }
  aside {
    border-left: 0;
    border-top: 1px solid var(--line);
  }
}
</style>
