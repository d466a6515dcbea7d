<script setup lang="ts">
import type { GroupOption, OptionGroup } from '../../../../core/catalogue/bundle'
import { countCombinations, manyCombinations, maxCombinations } from '../../../../core/catalogue/bundle'
import { rematched, withOptions } from '../../../../core/bundles/editBundle'
import { useMessages } from '../../../data/messages'
import { useBundles } from '../bundles'
import PhPlus from '~icons/ph/plus'
import { contentsWords } from '../words/contents'

const say = contentsWords.groupOptions

/** The options of a group and their values; how many combinations they make is said before they are made. */
const props = defineProps<{ group: OptionGroup }>()
const emit = defineEmits<{ change: [group: OptionGroup] }>()
const store = useBundles()
const messages = useMessages()

const count = computed(() => countCombinations(props.group.options))
const combinationsOf = (options: readonly GroupOption[]) =>
  `${options.map(each => each.values.length).join(' × ')} = ${say.combinations(countCombinations(options))}`

function setOptions(options: GroupOption[]): void {
  const wanted = countCombinations(options)
  if (wanted > maxCombinations) {
    messages.tell(say.thatWouldMakeCombinationsA(wanted.toLocaleString('en'), maxCombinations.toLocaleString('en')))
    return
  }
  emit('change', rematched(withOptions(props.group, options), store.catalogue))
}
const setValues = (option: GroupOption, values: string[]) =>
  setOptions(props.group.options.map(each => (each === option ? { ...each, values } : each)))
const takeValueOut = (option: GroupOption, value: string) =>
  setValues(
    option,
    option.values.filter(each => each !== value),
  )
const takeOut = (option: GroupOption) => setOptions(props.group.options.filter(each => each !== option))

const newOption = ref('')
function addOption(): void {
  const name = newOption.value.trim()
  newOption.value = ''
  if (name && !props.group.options.some(each => each.name.toLowerCase() === name.toLowerCase()))
    setOptions([...props.group.options, { name, values: [] }])
}

/** What is being typed, by the option's name. */
const newValues = reactive<Record<string, string>>({})
const withTyped = ({ name, values }: GroupOption): string[] => {
  const typed = (newValues[name] ?? '').split(',').map(each => each.trim())
  return [...new Set([...values, ...typed.filter(Boolean)])]
}
function addValues(option: GroupOption): void {
  const values = withTyped(option)
  newValues[option.name] = ''
  if (values.length > option.values.length) setValues(option, values)
}
/** The options with what is being typed. */
const announcedOptions = computed(() => props.group.options.map(each => ({ ...each, values: withTyped(each) })))
const announcedCount = computed(() => countCombinations(announcedOptions.value))
const announced = computed(() => {
  if (announcedCount.value === count.value) return null
  return say.thatMakes(combinationsOf(announcedOptions.value), announcedCount.value > maxCombinations ? say.tooMany : '')
})
const isMany = computed(() => announcedCount.value > manyCombinations)
</script>

<template>
  <div>
    <div v-for="option in group.options" :key="option.name" class="option">
      <b class="cut">{{ option.name }}</b>
      <span class="chips">
        <span v-for="value in option.values" :key="value" class="chip"
          >{{ value
          }}<button type="button" :aria-label="say.takeOutOf(value, option.name)" @click="takeValueOut(option, value)">×</button></span
        >
        <input
          v-model="newValues[option.name]"
          class="more"
          type="text"
          :placeholder="say.valueValue"
          :aria-label="say.addValuesOf(option.name)"
          @keydown.enter.prevent="addValues(option)"
          @change="addValues(option)"
        />
      </span>
      <button type="button" class="out" :aria-label="say.takeTheOptionOut(option.name)" @click="takeOut(option)">×</button>
    </div>
    <div class="tools">
      <form class="new" @submit.prevent="addOption">
        <input
          v-model="newOption"
          class="more"
          type="text"
          maxlength="64"
          :placeholder="say.anotherOption"
          :aria-label="say.addAnOption"
        /><button type="submit" class="icon-button" :aria-label="say.addTheOption" :disabled="!newOption.trim()">
          <PhPlus width="15" height="15" />
        </button>
      </form>
      <span v-if="announced" class="small" :class="isMany ? 'wrong' : 'soft'" aria-live="polite">{{ announced }}</span>
      <span v-else-if="group.options.length > 1 && count" class="small soft">{{ combinationsOf(group.options) }}</span>
      <span class="grow" />
      <slot />
    </div>
    <p v-if="count > manyCombinations" class="many small">
      {{ say.combinationsAreMoreThanAnyone(count.toLocaleString('en')) }}
    </p>
  </div>
</template>

<style scoped>
.grow {
  flex: 1;
}
.option {
  display: flex;
  align-items: flex-start;
  gap: 10px;
  margin-top: 6px;
}
.option > b {
  flex: none;
  width: 76px;
  line-height: 30px;
}
.option > b::first-letter {
  text-transform: uppercase;
}
.chips {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chip {
  display: inline-flex;
  align-items: center;
  height: 30px;
  padding: 0 4px 0 11px;
  border: 1px solid var(--line);
  border-radius: 15px;
  font-size: 13.5px;
}
.chip button,
.out {
  width: 22px;
  height: 22px;
  padding: 0;
  border: 0;
  border-radius: 11px;
  background: none;
  color: var(--ink-soft);
  font: 15px/1 var(--text);
  cursor: pointer;
}
.chip button:hover,
.out:hover {
  background: var(--sunk);
  color: var(--clay-ink);
}
.out {
  margin-top: 4px;
}
.more {
  width: 108px;
  height: 30px;
  padding: 0 10px;
  border: 1px dashed #b9b09e;
  border-radius: 15px;
  background: none;
  color: inherit;
  font: 13px/1 var(--text);
}
.more::placeholder {
  color: var(--ink-soft);
}
.more:focus-visible {
  outline: 2px solid var(--petrol);
  outline-offset: 0;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-top: 8px;
}
.new {
  display: flex;
  align-items: center;
  gap: 2px;
}
.many {
  margin: 6px 0 0;
  padding: 7px 10px;
  border-radius: 8px;
  background: var(--saffron-wash);
  color: var(--saffron-ink);
}
</style>
