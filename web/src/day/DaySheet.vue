<script setup lang="ts">
/** A sheet of the day's own that begins on a page of its own: a sign for a door, or what a helper needs. */
defineProps<{ title: string; about: string }>()
</script>

<template>
  <article class="sheet" :aria-label="title">
    <header>
      <h2>{{ title }}</h2>
      <p>{{ about }}</p>
    </header>
    <slot />
  </article>
</template>

<style scoped>
.sheet {
  background: var(--sheet);
  color: var(--ink);
  padding: 13mm 14mm;
  min-height: 265mm;
  overflow-wrap: anywhere;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  gap: 1em;
}
header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 0.4em;
}
h2 {
  font-size: 2.6em;
}
@media print {
  .sheet {
    padding: 0;
    min-height: 0;
    break-after: page;
  }
  .sheet:last-child {
    break-after: auto;
  }
}
</style>
