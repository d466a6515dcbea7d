<script setup lang="ts">
import type { KeyGroup } from '../workspaces/workspace'
import { workspaces } from '../workspaces/registry'
import { useFocusBack } from '../elements/useFocusBack'
import { frameWords } from './words'

const say = frameWords.keySheet

/** All keys of the studio, those of every workspace too. */
const open = defineModel<boolean>({ required: true })
useFocusBack(() => open.value)

const groups: KeyGroup[] = [
  {
    name: say.anywhere,
    keys: [
      [say.ctrlK, say.findAProductAndOpen],
      [say.ctrlZ, say.undo],
      [say.ctrlShiftZ, say.redo],
      ['?', say.thisSheet],
    ],
  },
  ...workspaces.flatMap(each => each.keys),
]
</script>

<template>
  <v-dialog v-model="open" max-width="720" aria-labelledby="keys-title">
    <v-card class="sheet" rounded="lg">
      <h2 id="keys-title">{{ say.keys }}</h2>
      <p class="soft">{{ say.whereLettersAct }}</p>
      <div class="groups">
        <section v-for="group in groups" :key="group.name">
          <h3>{{ group.name }}</h3>
          <dl>
            <div v-for="[keys, what] in group.keys" :key="keys">
              <dt>
                <span class="key">{{ keys }}</span>
              </dt>
              <dd>{{ what }}</dd>
            </div>
          </dl>
        </section>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.sheet {
  padding: 22px 26px 26px;
  font: 14px/1.4 var(--text);
}
h2 {
  font: 650 20px/1.2 var(--head);
  margin: 0 0 14px;
}
p {
  margin: -8px 0 16px;
}
h3 {
  font: 650 14.5px/1.2 var(--head);
  margin: 0 0 8px;
}
.groups {
  columns: 2;
  column-gap: 36px;
}
section {
  break-inside: avoid;
  padding-bottom: 20px;
}
dl {
  margin: 0;
}
dl > div {
  display: grid;
  grid-template-columns: 116px 1fr;
  gap: 8px;
  padding: 4px 0;
  align-items: baseline;
}
dd {
  margin: 0;
}
@media (max-width: 640px) {
  .groups {
    columns: 1;
  }
}
</style>
