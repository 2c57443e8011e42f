<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router'

/** Links, each with a line on what it leads to: a page, or a file to download. */
defineProps<{
  links: readonly ({ name: string; detail: string } & ({ to: RouteLocationRaw } | { file: string }))[]
}>()
</script>

<template>
  <ul>
    <li v-for="l in links" :key="l.name">
      <RouterLink v-if="'to' in l" :to="l.to">{{ l.name }}</RouterLink>
      <a v-else :href="l.file" download>{{ l.name }}</a>
      <span class="muted">{{ l.detail }}</span>
    </li>
  </ul>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(10rem, 14rem) minmax(0, 1fr);
  gap: var(--space-2) var(--space-5);
  max-width: var(--reading);
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
}
@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
