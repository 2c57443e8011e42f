<script setup lang="ts">
import { computed } from 'vue'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** What hangs at the door: the challenge in a few words, when and where. */
const now = usePrinting()
const brief = computed(() => now.on.brief)
const musts = computed(() => now.on.sheet.criteria.slice(0, 4))
</script>

<template>
  <PaperSheet title="Poster" plain class="poster">
    <svg class="line" viewBox="0 0 400 40" preserveAspectRatio="none" aria-hidden="true">
      <path d="M0 6q200 14 400 0" fill="none" stroke="var(--ink)" stroke-width="1.5" />
      <path
        v-for="n in 9"
        :key="n"
        :d="`M${n * 44 - 36} 7h28l-14 26z`"
        :fill="n % 2 ? 'var(--lagoon)' : 'var(--sheet)'"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
    </svg>
    <h1>{{ brief.title }}</h1>
    <p class="story">{{ brief.story }}</p>
    <p v-if="brief.question" class="question">{{ brief.question }}</p>
    <p class="goal">{{ brief.goal }}</p>
    <ul v-if="musts.length > 0">
      <li v-for="m in musts" :key="m">{{ m }}</li>
    </ul>
    <p class="when">
      <span>{{ now.on.about || 'When' }}</span><span>Where</span>
    </p>
  </PaperSheet>
</template>

<style scoped>
.line {
  width: 100%;
  height: 24mm;
}
h1 {
  font-size: 4em;
  line-height: 1.05;
}
.story {
  font-size: 1.6em;
}
.question {
  font: 700 2.2em var(--title);
}
.goal {
  font-size: 1.9em;
  font-weight: 700;
}
ul {
  font-size: 1.6em;
  list-style: square;
  padding-left: 1.2em;
}
.when {
  font-size: 1.6em;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1em;
}
.when span {
  border-bottom: 1.5px solid var(--ink);
  padding-top: 1em;
}
</style>
