<script setup lang="ts">
/** One question for the talk with what was answered, read from eight metres. */
defineProps<{ question: string; title: string; answers: readonly string[] }>()
</script>

<template>
  <main id="main" class="wall">
    <p class="title">{{ title }}</p>
    <h1>{{ question }}</h1>
    <ul v-if="answers.length > 0">
      <li v-for="a in answers" :key="a">{{ a }}</li>
    </ul>
  </main>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template-rows: auto 1fr auto;
  padding: 3vh 5vw;
}
.title {
  font-size: 2rem;
  color: var(--muted);
}
ul {
  font-size: 2.4rem;
  line-height: 1.25;
}
li {
  border-top: 2px dashed var(--line);
  padding-block: 0.3rem;
  overflow-wrap: anywhere;
}
h1 {
  align-self: center;
  font-size: clamp(3.5rem, 7vw, 8rem);
  line-height: 1.1;
  overflow-wrap: anywhere;
}
</style>
