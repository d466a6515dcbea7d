<script setup lang="ts">
import type { TokensAnswer } from '../../../core/access/people'
import { tokenDays } from '../../../core/access/people'
import type { Scope } from '../../../core/access/scopes'
import { scopes, scopeWords } from '../../../core/access/scopes'
import { usePeople } from './people'
import { useStudioShop } from '../../data/studioShop'
import { accessWords } from './words'

const say = accessWords.tokens
const studio = useStudioShop()
/** What programs may do. */
const people = usePeople()
const making = ref(false)
const name = ref('')
const chosen = ref<Scope[]>([])
const days = ref<(typeof tokenDays)[number]>(90)
const made = shallowRef<{ name: string; token: string } | null>(null)
const dayChoices = tokenDays.map(each => [each, say.daysOf(each)] as const)
const factsOf = ({ scopes, until, used }: TokensAnswer['tokens'][0]) =>
  [...scopes.map(each => scopeWords[each]), say.until(studio.day(until)), used ? say.used(studio.moment(used)) : say.unused].join(' · ')
const isOver = (until: string) => Date.parse(until) < Date.now()

const takeBack = ({ id, name }: TokensAnswer['tokens'][0]) => people.takeBackToken(id, say.takenBack(name))
async function make(): Promise<void> {
  const token = await people.makeToken(name.value, chosen.value, days.value)
  if (!token) return
  made.value = { name: name.value, token }
  name.value = ''
  chosen.value = []
}
</script>

<template>
  <section :aria-label="say.title">
    <header>
      <h2>{{ say.title }}</h2>
      <button type="button" class="plain-button" @click="making = true">{{ say.make }}</button>
    </header>
    <p class="soft">{{ say.lead }}</p>
    <p v-if="!people.tokens.length">{{ say.none }}</p>
    <ul v-else>
      <li v-for="token in people.tokens" :key="token.id">
        <span
          ><b>{{ token.name }}</b> <span v-if="isOver(token.until)" class="state">{{ say.over }}</span><br /><span class="small soft">{{
            factsOf(token)
          }}</span></span
        >
        <button type="button" class="text-button" :aria-label="say.takeBackOf(token.name)" @click="takeBack(token)">
          {{ say.takeBack }}
        </button>
      </li>
    </ul>
    <AskDialog
      v-if="making"
      :title="say.makeTitle"
      :verb="say.makeIt"
      :possible="name.trim() !== '' && chosen.length > 0"
      :width="460"
      @go="make"
      @close="making = false"
    >
      <label>{{ say.name }}<input v-model="name" type="text" maxlength="60" /></label>
      <fieldset>
        <legend>{{ say.scopes }}</legend>
        <label v-for="scope in scopes" :key="scope" class="scope"
          ><input v-model="chosen" type="checkbox" :value="scope" /><span
            ><code>{{ scope }}</code> {{ scopeWords[scope] }}</span
          ></label
        >
      </fieldset>
      <ChoiceGroup v-model="days" :label="say.days" :choices="dayChoices" />
    </AskDialog>
    <ShownOnce v-if="made" :title="made.name" :lead="say.shown(made.name)" :secret="made.token" @close="made = null" />
  </section>
</template>

<style scoped>
section {
  margin-top: 34px;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
h2 {
  font-size: 17px;
}
p {
  max-width: 66ch;
  margin: 4px 0 10px;
}
ul {
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 16px;
  padding: 9px 0;
  border-bottom: 1px solid var(--line-soft);
}
fieldset {
  display: grid;
  gap: 6px;
  margin: 14px 0;
  padding: 0;
  border: 0;
}
legend {
  margin-bottom: 6px;
  color: var(--ink-soft);
  font-size: 13px;
}
.scope {
  display: flex;
  gap: 9px;
  align-items: baseline;
  color: var(--ink);
  font-size: 14px;
}
code {
  margin-right: 6px;
  font: 12.5px/1 var(--mono);
}
</style>
