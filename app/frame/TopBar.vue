<script setup lang="ts">
import { useChecks } from '../data/checks'
import { useHistory } from '../data/history'
import { beginnings, workspaces } from '../workspaces/registry'
import { useDrafts } from '../data/drafts'
import PhPaperPlaneTilt from '~icons/ph/paper-plane-tilt'
import PhArrowUUpLeft from '~icons/ph/arrow-u-up-left'
import PhArrowUUpRight from '~icons/ph/arrow-u-up-right'
import PhArrowSquareOut from '~icons/ph/arrow-square-out'
import PhKeyboard from '~icons/ph/keyboard'
import PhMagnifyingGlass from '~icons/ph/magnifying-glass'
import { frameWords } from './words'

const say = frameWords.topBar

const emit = defineEmits<{ undo: []; redo: []; find: []; keys: [] }>()
const checks = useChecks()
const sections = useDrafts()
const drafts = computed(() => sections.unpublishedCount)
const history = useHistory()
const route = useRoute()
const tabs = computed(() =>
  workspaces
    .filter(each => !each.apart)
    .map(workspace => {
      const paths = beginnings(workspace)
      return { to: paths[0]!, name: workspace.name, isOn: paths.some(path => route.path.startsWith(path)) }
    }),
)
/** How much the checks found; null: nothing, or not known now. */
const found = computed(() => {
  if (!checks.open) return null
  return checks.open > 999 ? '999+' : String(checks.open)
})
</script>

<template>
  <header class="top">
    <NuxtLink to="/products" class="mark" :aria-label="say.manadaToTheProducts">
      <svg width="26" height="20" viewBox="0 0 26 20" fill="none" stroke-width="2.6" stroke-linecap="round" aria-hidden="true">
        <path d="M2 17V9a4.5 4.5 0 0 1 9 0v8" stroke="var(--petrol)" />
        <path d="M11 17V7a4.5 4.5 0 0 1 9 0v10" stroke="var(--petrol)" />
        <path d="M20 17v-6a2.6 2.6 0 0 1 4.6-1.7" stroke="var(--saffron)" />
      </svg>
      <span class="wordmark">{{ say.manada }}</span>
    </NuxtLink>
    <nav class="tabs" :aria-label="say.workspaces">
      <NuxtLink
        v-for="{ to, name, isOn } in tabs"
        :key="to"
        :to="to"
        class="tab"
        :class="{ on: isOn }"
        :aria-current="isOn ? 'page' : undefined"
        >{{ name }}<span v-if="to === '/checks' && found" class="found">{{ found }}</span></NuxtLink
      >
    </nav>
    <span class="grow" />
    <div class="right">
      <button type="button" class="find" :aria-label="say.findAProduct" aria-keyshortcuts="Control+K" @click="emit('find')">
        <PhMagnifyingGlass width="15" height="15" /><span>{{ say.findAProduct }}</span
        ><span class="key">Ctrl K</span>
      </button>
      <button
        type="button"
        class="icon-button"
        :disabled="!history.undo"
        :aria-label="say.undo"
        aria-keyshortcuts="Control+Z"
        @click="emit('undo')"
      >
        <PhArrowUUpLeft />
        <v-tooltip activator="parent" location="bottom"
          >{{ history.undo ? say.undoWithUndo(history.undo) : say.nothingToUndo }}<span class="key">Ctrl Z</span></v-tooltip
        >
      </button>
      <button
        type="button"
        class="icon-button"
        :disabled="!history.redo"
        :aria-label="say.redo"
        aria-keyshortcuts="Control+Shift+Z"
        @click="emit('redo')"
      >
        <PhArrowUUpRight />
        <v-tooltip activator="parent" location="bottom"
          >{{ history.redo ? say.redoWithRedo(history.redo) : say.nothingToRedo }}<span class="key">Ctrl Shift Z</span></v-tooltip
        >
      </button>
      <button type="button" class="icon-button" :aria-label="say.keys" aria-keyshortcuts="?" @click="emit('keys')">
        <PhKeyboard />
        <v-tooltip activator="parent" location="bottom">{{ say.allKeys }}<span class="key">?</span></v-tooltip>
      </button>
      <NuxtLink v-if="drafts" to="/publish" class="open drafts">
        <PhPaperPlaneTilt width="16" height="16" />{{ drafts }} {{ drafts === 1 ? say.draft : say.drafts
        }}<v-tooltip activator="parent" location="bottom">{{ say.whatShoppersDontHaveYet }}</v-tooltip>
      </NuxtLink>
      <NuxtLink v-else to="/releases" class="icon-button" :aria-label="say.releases">
        <PhPaperPlaneTilt /><v-tooltip activator="parent" location="bottom">{{ say.shoppersHaveEverythingReleases }}</v-tooltip>
      </NuxtLink>
      <a class="open" href="/shop" target="_blank" :aria-label="say.openTheShop"
        ><PhArrowSquareOut width="16" height="16" /><span class="long">{{ say.openTheShop }}</span></a
      >
      <OthersHere />
      <OwnMenu />
    </div>
  </header>
</template>

<style scoped>
.top {
  flex: none;
  display: flex;
  align-items: flex-end;
  gap: 18px;
  height: 52px;
  padding: 0 16px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.mark {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 52px;
  margin-right: 10px;
  font: 700 21px/1 var(--head);
  letter-spacing: -0.03em;
  color: inherit;
  text-decoration: none;
}
.tabs {
  display: flex;
  align-items: flex-end;
  gap: 2px;
  height: 52px;
}
.tab {
  display: flex;
  align-items: center;
  padding: 9px 13px 11px;
  border: 1px solid transparent;
  border-bottom: 0;
  border-radius: 9px 9px 0 0;
  color: var(--ink-soft);
  font-weight: 550;
  text-decoration: none;
}
.tab.on {
  margin-bottom: -1px;
  padding-bottom: 12px;
  background: var(--sheet);
  border-color: var(--line);
  color: var(--ink);
}
.found {
  min-width: 20px;
  margin-left: 7px;
  padding: 0 6px;
  border-radius: 9px;
  background: var(--clay-wash);
  color: var(--clay-ink);
  font: 650 11.5px/18px var(--text);
  text-align: center;
}
.grow {
  flex: 1;
}
.right {
  display: flex;
  align-items: center;
  gap: 6px;
  height: 52px;
}
.find {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 34px;
  width: 214px;
  padding: 0 12px;
  margin-right: 4px;
  border: 1px solid var(--line);
  border-radius: 17px;
  background: var(--sheet);
  color: var(--ink-soft);
  font: 13px/1 var(--text);
  cursor: pointer;
  text-align: left;
}
.find:hover {
  border-color: #b9b09e;
}
.find span:nth-of-type(1) {
  flex: 1;
}
.open {
  display: flex;
  align-items: center;
  gap: 7px;
  height: 34px;
  margin-left: 4px;
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--petrol);
  font-size: 13.5px;
  font-weight: 600;
  text-decoration: none;
  white-space: nowrap;
}
.drafts {
  background: var(--sheet);
  cursor: pointer;
}
.open:hover,
.open.router-link-active {
  background: var(--petrol-wash);
}
@media (max-width: 1340px) {
  .find {
    width: auto;
  }
  .find span:nth-of-type(1) {
    display: none;
  }
  .open .long {
    display: none;
  }
  .open:not(.drafts) {
    padding: 0 10px;
  }
}
@media (max-width: 1180px) {
  .find {
    justify-content: center;
    width: 36px;
    padding: 0;
  }
  .find span {
    display: none;
  }
}
@media (max-width: 1080px) {
  .top {
    gap: 8px;
  }
  .wordmark {
    display: none;
  }
  .mark {
    margin-right: 0;
  }
  .open .long {
    display: none;
  }
  .open {
    padding: 0 10px;
  }
  .tab {
    padding-inline: 8px;
  }
  .right {
    gap: 2px;
  }
}
@media (max-width: 960px) {
  .top {
    padding: 0 8px;
  }
  .tab {
    padding-inline: 5px;
    font-size: 13.5px;
  }
  .open {
    margin-left: 0;
    padding: 0 8px;
  }
}
</style>
