<script setup lang="ts">
import type { PeopleAnswer } from '../../../core/access/people'
import type { Role } from '../../../core/access/roles'
import { roles } from '../../../core/access/roles'
import { useMe } from '../../data/me'
import { usePeople } from './people'
import { useStudioShop } from '../../data/studioShop'
import { accessWords } from './words'

const say = accessWords.people
const studio = useStudioShop()
type Person = PeopleAnswer['people'][0]

/** The people who may come in, what they may do, and who is invited. */
const me = useMe()
const people = usePeople()
const removing = shallowRef<Person | null>(null)
const inviting = ref(false)
const name = ref('')
const role = ref<Role>('editor')
const made = shallowRef<{ name: string; link: string } | null>(null)

const until = (day: string) => say.until(studio.day(day))
const giveRole = (person: Person, given: Role) => people.giveRole(person.id, given, say.roleGiven(person.name, given))
const takeBack = ({ id, name }: PeopleAnswer['invitations'][0]) => people.takeBackInvitation(id, say.takenBack(name))
const remove = () => people.removePerson(removing.value!.id, say.removed(removing.value!.name))
async function invite(): Promise<void> {
  const link = await people.invite(name.value, role.value)
  if (!link) return
  made.value = { name: name.value, link }
  name.value = ''
}
</script>

<template>
  <section :aria-label="say.title">
    <header>
      <h1>{{ say.title }}</h1>
      <button type="button" class="main-button" @click="inviting = true">{{ say.invite }}</button>
    </header>
    <table>
      <thead>
        <tr>
          <th>{{ say.person }}</th>
          <th>{{ say.role }}</th>
          <th>{{ say.lastHere }}</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        <tr v-for="person in people.answer!.people" :key="person.id" :data-person="person.email">
          <td>
            <div class="who">
              <PersonMark :name="person.name" :colour="person.colour" /><span
                ><b>{{ person.name }}</b> <span v-if="person.id === me.person?.id" class="state">{{ say.you }}</span><br /><span
                  class="small soft"
                  >{{ person.email }}</span
                ></span
              >
            </div>
          </td>
          <td>
            <v-select
              :model-value="person.role"
              :items="[...roles]"
              :aria-label="say.roleOf(person.name)"
              class="role"
              @update:model-value="(given: Role) => giveRole(person, given)"
            />
          </td>
          <td class="soft">{{ person.seen ? studio.moment(person.seen) : say.never }}</td>
          <td class="end">
            <button type="button" class="text-button" :aria-label="say.removeName(person.name)" @click="removing = person">
              {{ say.remove }}
            </button>
          </td>
        </tr>
        <tr v-for="each in people.answer!.invitations" :key="each.id">
          <td>
            <b>{{ each.name }}</b> <span class="state">{{ say.invited }}</span>
          </td>
          <td>{{ each.role }}</td>
          <td class="soft">{{ until(each.until) }}</td>
          <td class="end">
            <button type="button" class="text-button" :aria-label="say.takeBackOf(each.name)" @click="takeBack(each)">
              {{ say.takeBack }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <AskDialog
      v-if="removing"
      :title="say.removeTitle(removing.name)"
      :verb="say.remove"
      :possible="true"
      :width="420"
      @go="remove"
      @close="removing = null"
    >
      <p>{{ say.removeHint }}</p>
    </AskDialog>
    <AskDialog
      v-if="inviting"
      :title="say.inviteTitle"
      :verb="say.makeLink"
      :possible="name.trim() !== ''"
      :width="420"
      @go="invite"
      @close="inviting = false"
    >
      <p class="soft">{{ say.inviteHint }}</p>
      <label>{{ say.theirName }}<input v-model="name" type="text" maxlength="60" /></label>
      <label class="second">{{ say.role }}<v-select v-model="role" :items="[...roles]" :aria-label="say.role" /></label>
    </AskDialog>
    <ShownOnce v-if="made" :title="say.link" :lead="say.linkFor(made.name)" :secret="made.link" @close="made = null" />
  </section>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 10px;
}
h1 {
  font-size: 22px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--line);
  color: var(--ink-soft);
  font-size: 13px;
  font-weight: 550;
  text-align: left;
}
td {
  padding: 9px 12px 9px 0;
  border-bottom: 1px solid var(--line-soft);
}
thead td {
  border-color: var(--line);
}
.who {
  display: flex;
  align-items: center;
  gap: 12px;
}
.role {
  width: 136px;
}
.end {
  padding-right: 0;
  text-align: right;
}
.second {
  margin-top: 12px;
}
.second .v-select {
  color: var(--ink);
}
</style>
