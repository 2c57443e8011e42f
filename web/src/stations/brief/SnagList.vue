<script setup lang="ts">
import type { Problem } from '../../api/names'
import { goTo } from '../../shared/snags'

/** What keeps the brief from being run; each leads to its place. */
defineProps<{ problems: readonly Problem[] }>()
</script>

<template>
  <section aria-labelledby="snags">
    <h2 id="snags">Snags</h2>
    <p v-if="problems.length === 0" class="clear">None. A class can run this.</p>
    <ul v-else>
      <li v-for="p in problems.slice(0, 12)" :key="p.at + p.what">
        <button type="button" @click="goTo(p.at)">{{ p.what }}</button>
        <span class="small muted">{{ p.remedy }}</span>
      </li>
      <li v-if="problems.length > 12" class="small muted">and {{ problems.length - 12 }} more</li>
    </ul>
  </section>
</template>

<style scoped>
.clear {
  color: var(--muted);
}
li {
  display: grid;
  padding: 0.4rem 0 0.4rem 0.9rem;
  border-left: 3px dashed var(--brick);
  margin-top: 0.4rem;
}
button {
  font: inherit;
  text-align: left;
  color: var(--ink);
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 2px;
  overflow-wrap: anywhere;
}
span {
  overflow-wrap: anywhere;
}
</style>
