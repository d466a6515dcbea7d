<script setup lang="ts">
import '../assets/shop.css'

const { facts, aisles, language } = useShopFacts()
const { count } = useCart()
const { isFull } = useAdding()
watch(count, () => (isFull.value = false))
const words = useWords()
const chosen = useChosenLanguage()
/** Everything on the page is told anew in another language. */
function speak(tag: string): void {
  chosen.value = tag === facts.value.language ? null : tag
  void nextTick(() => location.reload())
}
/** A language as it calls itself. */
const nameOf = (tag: string) => new Intl.DisplayNames([tag], { type: 'language' }).of(tag) ?? tag
const preview = usePreview()
usePreviewChanges(useShopFactsLoader())
useShopFonts(() => ['--page-text', '--page-head'].map(each => facts.value.style[each] ?? ''))

useHead({
  htmlAttrs: { lang: language },
  titleTemplate: title => (title ? `${title} · ${facts.value.name}` : facts.value.name),
})
</script>

<template>
  <div class="shop" :style="facts.style">
    <a class="skip" href="#main">{{ words.toContents }}</a>
    <header class="shop-wide">
      <div class="bar">
        <NuxtLink to="/shop" class="name">{{ facts.name }}</NuxtLink>
        <nav :aria-label="words.aisles">
          <NuxtLink v-for="aisle in aisles" :key="aisle.key" :to="`/shop/categories/${aisle.key}`">{{ aisle.name }}</NuxtLink>
          <NuxtLink v-if="facts.articles.length" to="/shop/articles">{{ words.journal }}</NuxtLink>
        </nav>
        <NuxtLink to="/shop/search" class="cart" :aria-label="words.search"
          ><svg viewBox="0 0 24 24" aria-hidden="true">
            <circle cx="10.5" cy="10.5" r="6" />
            <path d="M15 15l5 5" stroke-linecap="round" /></svg
        ></NuxtLink>
        <NuxtLink to="/shop/cart" class="cart" :aria-label="words.cartOf(count)">
          <svg viewBox="0 0 24 24" aria-hidden="true">
            <path d="M4 7.5h16l-1.4 11.5h-13.2z" />
            <path d="M8.5 10.5v-3.5a3.5 3.5 0 0 1 7 0v3.5" />
          </svg>
          <span v-if="count" class="count" aria-hidden="true">{{ count }}</span>
        </NuxtLink>
      </div>
    </header>
    <p v-if="isFull" role="alert" class="shop-wide full">
      {{ words.cartFull }} <NuxtLink to="/shop/cart">{{ words.toCart }}</NuxtLink>
    </p>
    <main id="main" class="shop-wide"><slot /></main>
    <footer class="shop-wide">
      <p>{{ words.standIn(facts.name) }}</p>
      <div v-if="facts.languages.length > 1" class="languages" role="group" :aria-label="words.language">
        <button v-for="tag in facts.languages" :key="tag" type="button" :lang="tag" :aria-pressed="tag === language" @click="speak(tag)">
          {{ nameOf(tag) }}
        </button>
      </div>
    </footer>
    <AddedSheet v-if="!preview.active || preview.added" />
  </div>
</template>

<style scoped>
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 12px;
  top: 8px;
  z-index: 9;
  padding: 8px 12px;
  background: var(--shop-ground);
}
.bar {
  display: flex;
  align-items: center;
  gap: 10px 22px;
  min-height: 64px;
  border-bottom: 1px solid var(--shop-line);
}
.name {
  font: 650 20px/1.1 var(--head);
  letter-spacing: -0.02em;
  color: inherit;
  text-decoration: none;
  margin-right: 6px;
  white-space: nowrap;
}
nav {
  display: flex;
  gap: 4px 18px;
  flex: 1;
  min-width: 0;
  overflow-x: auto;
  scrollbar-width: none;
}
nav a {
  padding: 8px 0;
  color: var(--ink-soft);
  text-decoration: none;
  white-space: nowrap;
}
nav a:hover,
nav a.router-link-active {
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 6px;
}
nav + .cart {
  margin-left: auto;
}
.cart + .cart {
  margin-left: -12px;
}
.cart {
  position: relative;
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  color: inherit;
}
.cart svg {
  width: 25px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.count {
  position: absolute;
  top: 3px;
  right: 0;
  min-width: 19px;
  padding: 0 5px;
  border-radius: 10px;
  background: var(--shop-accent);
  color: var(--shop-on-accent);
  font: 650 11.5px/19px var(--text);
  text-align: center;
}
.full {
  position: sticky;
  top: 0;
  z-index: 5;
  margin-block: 0;
  padding-block: 12px;
  background: var(--shop-ground);
  color: var(--clay-ink);
  font-weight: 600;
}
.full a {
  color: inherit;
}
main {
  flex: 1;
  padding-top: 26px;
  padding-bottom: 56px;
}
footer {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 0 24px;
  color: var(--ink-soft);
  font-size: 13px;
}
footer::before {
  content: '';
  flex: 0 0 100%;
  border-top: 1px solid var(--shop-line);
}
footer p {
  margin: 0;
  padding: 20px 0 28px;
}
.languages {
  display: flex;
  gap: 6px;
  padding-bottom: 20px;
}
.languages button {
  min-height: 36px;
  padding: 0 10px;
  border: 1px solid transparent;
  border-radius: 8px;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}
.languages button:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.languages [aria-pressed='true'] {
  border-color: #cfc5b1;
  color: var(--ink);
  font-weight: 600;
}
@media (max-width: 700px) {
  .bar {
    flex-wrap: wrap;
    justify-content: space-between;
    padding-top: 8px;
  }
  nav {
    order: 3;
    flex-basis: 100%;
    padding-bottom: 4px;
  }
  main {
    padding-top: 18px;
  }
}
</style>
