<script setup lang="ts">
import type { PersonColour } from '../../core/access/people'

/** A person's initials in their colour. */
const props = defineProps<{ name: string; colour: PersonColour; large?: boolean }>()
const initials = computed(() => {
  const words = props.name.split(/[\s-]+/).filter(Boolean)
  return [words[0], words.length > 1 ? words.at(-1) : undefined].map(word => Array.from(word ?? '')[0] ?? '').join('')
})
</script>

<template>
  <span class="person" :class="[colour, { large }]" aria-hidden="true">{{ initials }}</span>
</template>

<style scoped>
.person {
  display: inline-grid;
  flex: none;
  place-items: center;
  width: 26px;
  height: 26px;
  border-radius: 50%;
  background: var(--of-person);
  color: #fff;
  font: 650 11px/1 var(--text);
  text-transform: uppercase;
}
.large {
  width: 40px;
  height: 40px;
  font-size: 15px;
}
.petrol {
  --of-person: #0f5c66;
}
.clay {
  --of-person: #a0452f;
}
.moss {
  --of-person: #4f6b2f;
}
.saffron {
  --of-person: #8a5c00;
}
.plum {
  --of-person: #7a2d5c;
}
.slate {
  --of-person: #4a5a6b;
}
.rust {
  --of-person: #8b4513;
}
.teal {
  --of-person: #1f6f5c;
}
</style>
