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
header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 0.4em;
}
h2 {
  font-size: 2.6em;
}
</style>
