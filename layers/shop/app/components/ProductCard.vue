<script setup lang="ts">
/** What a card needs to know, whether it comes from a section or from a category. */
export interface Card {
  sku: string
  variant?: string | null
  name: string
  url: string
  image: string | null
  price: number | null
  was: number | null
  inStock: boolean
  hasOptions: boolean
}

const props = defineProps<{ card: Card, row?: boolean }>()
const { add } = useAdding()
const canAdd = computed(() => !props.card.hasOptions && props.card.inStock && props.card.price !== null)
</script>

<template>
  <article class="card" :class="{ row }" :data-sku="card.sku">
    <NuxtLink :to="card.url" class="shot" tabindex="-1" aria-hidden="true"><ShopPicture :src="card.image" alt="" /></NuxtLink>
    <div class="facts">
      <NuxtLink :to="card.url" class="name">{{ card.name }}</NuxtLink>
      <p class="foot">
        <ShopPrice :price="card.price" :was="card.was" />
        <span v-if="!card.inStock" class="out">Out of stock</span>
      </p>
    </div>
    <button v-if="canAdd" class="add" type="button" :aria-label="`Add ${card.name} to the cart`" @click="add(card.variant ?? card.sku)">Add</button>
    <NuxtLink v-else-if="card.hasOptions && card.inStock" class="add" :to="card.url" :aria-label="`Choose the options of ${card.name}`">Choose</NuxtLink>
  </article>
</template>

<style scoped>
.card { position: relative; display: grid; grid-template: auto 1fr auto / 1fr; min-width: 0; }
.shot { display: block; aspect-ratio: 4 / 3; border-radius: var(--section-corner, 12px); overflow: hidden; background: var(--sunk); }
.facts { padding: 10px 0 10px; }
.name { display: block; font-weight: 550; line-height: 1.3; color: inherit; text-decoration: none; text-wrap: balance; overflow-wrap: anywhere; }
.name::after { content: ''; position: absolute; inset: 0; border-radius: var(--section-corner, 12px); }
.name:hover { text-decoration: underline; text-underline-offset: 3px; text-decoration-thickness: 1px; }
.foot { display: flex; flex-wrap: wrap; gap: 2px 10px; align-items: baseline; margin: 4px 0 0; }
.out { color: var(--clay-ink); font-size: 13px; }
.add { position: relative; z-index: 1; justify-self: start; display: inline-flex; align-items: center; min-height: 34px; padding: 0 14px; border: 1px solid #cfc5b1; border-radius: 8px; background: #fff; color: var(--shop-accent); font: inherit; font-size: 14px; font-weight: 600; text-decoration: none; cursor: pointer; transition: background 150ms, border-color 150ms; }
.add:hover { background: var(--shop-accent); border-color: var(--shop-accent); color: #fff; }
.row { grid-template: auto / 64px 1fr auto; align-items: center; gap: 14px; }
.row .shot { aspect-ratio: 1; border-radius: 9px; }
.row .facts { padding: 0; }
@media (max-width: 600px) {
  .add { min-height: 40px; }
}
</style>
