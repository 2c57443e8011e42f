<script setup lang="ts">
import { ref } from 'vue'

/**
 * The first thing that Tab meets: ways past the bar, to the page and to each of its parts, as they are when it is met.
 */
const parts = ref<{ id: string; name: string }[]>([])
function findParts() {
  parts.value = [...document.querySelectorAll<HTMLElement>('#main h2[id]')]
    .filter((h) => h.offsetParent !== null)
    .slice(0, 8)
    .map((h) => ({ id: h.id, name: h.innerText.trim() }))
}
function go(id: string) {
  const to = document.getElementById(id)
  if (!to) return
  to.tabIndex = -1
  to.focus()
}
</script>

<template>
  <nav class="skip not-on-paper" aria-label="Skip to" @focusin="findParts">
    <a href="#main" @click.prevent="go('main')">Skip to the page</a>
    <a v-for="p in parts" :key="p.id" :href="`#${p.id}`" @click.prevent="go(p.id)">{{ p.name }}</a>
  </nav>
</template>

<style scoped>
.skip {
  position: absolute;
  left: -10000px;
  z-index: 20;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  max-width: calc(100vw - 2rem);
  padding: var(--space-3) var(--space-5);
  background: var(--sheet);
  border: 1.5px solid var(--ink);
}
.skip:focus-within {
  left: 1rem;
  top: 0.5rem;
}
</style>
