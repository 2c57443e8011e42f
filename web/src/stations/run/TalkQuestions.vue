<script setup lang="ts">
import type { LiveClock } from '@/shared/useClock'

/** The brief's questions for the talk; one at a time goes on the wall. */
const props = defineProps<{ live: LiveClock; questions: readonly string[] }>()
const shown = (i: number) => {
  const wall = props.live.clock.value?.wall
  return wall?.shows === 'question' && wall.question === i + 1
}
const show = (i: number) =>
  shown(i)
    ? props.live.touch({ does: 'show', shows: 'clock', number: props.live.clock.value?.wall.revealed ?? 0 })
    : props.live.touch({ does: 'show', shows: 'question', number: i + 1 })
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
        <button
          type="button"
          class="act"
          :aria-pressed="shown(i)"
          :aria-label="`${shown(i) ? 'Off the wall' : 'On the wall'}: ${q}`"
          @click="show(i)"
        >
          {{ shown(i) ? 'Off the wall' : 'On the wall' }}
        </button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1rem;
  padding: 0.3rem 0;
  border-bottom: var(--stitch);
}
</style>
