<script setup lang="ts">
import QuestionToWall from '@/shared/QuestionToWall.vue'
import type { LiveClock } from '@/shared/useClock'

/** The brief's questions for the talk; one at a time goes on the wall. */
defineProps<{ live: LiveClock; questions: readonly string[] }>()
</script>

<template>
  <section aria-labelledby="questions">
    <h2 id="questions">Questions for the talk</h2>
    <p v-if="questions.length === 0" class="muted">
      The brief has none. They are written in the brief, for the teacher.
    </p>
    <ol>
      <li v-for="(q, i) in questions" :key="q">
        <span>{{ q }}</span>
        <QuestionToWall :live="live" :number="i + 1" :text="q" />
      </li>
    </ol>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-5);
  padding: var(--space-2) 0;
  border-bottom: var(--rule);
}
</style>
