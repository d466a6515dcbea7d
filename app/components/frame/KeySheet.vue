<script setup lang="ts">
const open = defineModel<boolean>({ required: true })

const groups = [
  {
    name: 'Anywhere',
    keys: [
      ['Ctrl K', 'Find a product and open it'],
      ['Ctrl Z', 'Undo'],
      ['Ctrl Shift Z', 'Redo'],
      ['?', 'This sheet'],
    ],
  },
  {
    name: 'Panes',
    keys: [
      ['/', 'Find targets to link'],
      ['L', 'To the product list'],
      ['B', 'To the lanes'],
      ['G', 'Suggested targets'],
      ['V', 'Shop view'],
      ['Y', 'Why each product is in the shop view or not'],
      ['H', 'History'],
      ['K', 'Kinds of links'],
      ['N', 'What counts for neighbours'],
      ['S', 'Find and shop view side by side'],
    ],
  },
  {
    name: 'Lists',
    keys: [
      ['↑ ↓', 'One row up or down'],
      ['Enter', 'Open on the bench'],
      ['Space', 'Mark a product or target, or let it go'],
      ['Shift ↑ ↓', 'Mark a range'],
      ['Ctrl A', 'Put all products found on the bench'],
      ['→', 'Show the variants of a target'],
      ['1 … 9', 'Link what is picked, as the kind with this number'],
      ['W', 'Link mutual kinds both ways, or not'],
      ['Esc', 'Let go of everything picked'],
      ['Enter, Del', 'Link a suggestion, or dismiss it'],
    ],
  },
  {
    name: 'Bundles and together offers',
    keys: [
      ['N', 'Add a bundle, or an offer'],
      ['P', 'What it costs and earns'],
      ['/', 'Find parts'],
      ['O', 'Orders with it'],
      ['1 … 6', 'Put in what is picked, as the button with this number says'],
      ['Alt ↑ ↓', 'Move a part, or an offer'],
      ['Delete', 'Take a part out'],
    ],
  },
  {
    name: 'Sections and looks',
    keys: [
      ['N', 'Add a section, or a look'],
      ['T', 'Try it on another product'],
      ['P', 'Publish'],
      ['Alt ↑ ↓', 'Move a step'],
      ['Delete', 'Remove a step'],
    ],
  },
  {
    name: 'Pages',
    keys: [
      ['N', 'Add a page plan'],
      ['P', 'Publish'],
      ['V', 'Shop view, or the zones'],
      ['Alt ↑ ↓', 'Move a section, also into the next zone; or a plan'],
      ['Delete', 'Take a section off the page'],
      ['O', 'Switch a section off here, or on'],
      ['Enter', 'Open a section'],
    ],
  },
  {
    name: 'Checks',
    keys: [
      ['Enter', 'Open where it is mended'],
      ['M', 'Mend: unlink, link back or shorten'],
      ['A', 'Put aside, or take up again'],
      ['Space', 'Mark a finding, or let it go'],
    ],
  },
  { name: 'Exchange', keys: [['O', 'Choose a file to import']] },
  {
    name: 'In a lane',
    keys: [
      ['← → ↑ ↓', 'From link to link, from lane to lane'],
      ['Alt ← →', 'Move the link one place'],
      ['Alt Home / End', 'Move it to the first or last place'],
      ['M', 'Move it to a place by number'],
      ['D', 'Dates and note'],
      ['A', 'Link it to all products on the bench'],
      ['R', 'Link back from it'],
      ['Delete', 'Remove the link'],
      ['Enter', 'Open its target on the bench'],
    ],
  },
]
</script>

<template>
  <v-dialog v-model="open" max-width="720" aria-labelledby="keys-title">
    <v-card class="sheet" rounded="lg">
      <h2 id="keys-title">Keys</h2>
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
h3 {
  font: 650 14.5px/1.2 var(--head);
  margin: 0 0 8px;
}
.groups {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 22px 36px;
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
    grid-template-columns: 1fr;
  }
}
</style>
