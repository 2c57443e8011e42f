<script setup lang="ts">
/** One question for the talk, read from eight metres. */
defineProps<{ question: string; title: string }>()
</script>

<template>
  <main id="main" class="wall">
    <p class="title">{{ title }}</p>
    <h1>{{ question }}</h1>
  </main>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template-rows: auto 1fr;
  padding: 3vh 5vw;
}
.title {
  font-size: 2rem;
  color: var(--muted);
}
h1 {
  align-self: center;
  font-size: clamp(3.5rem, 7vw, 8rem);
  line-height: 1.1;
  overflow-wrap: anywhere;
}
</style>
