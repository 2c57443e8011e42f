<script setup lang="ts">
import { computed } from 'vue'
import type { LessonPlan } from '@/api/names'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** The phases of each lesson with their minutes, large enough for a wall. */
const now = usePrinting()
const lessons = computed(() => now.on.papers?.lessons ?? [])
const minutes = (n: number) => String(Math.round(n * 10) / 10)
const share = (lesson: LessonPlan, length: number) => `${(100 * length) / Math.max(lesson.length, lesson.end)}%`
</script>

<template>
  <p v-if="lessons.length === 0" class="muted">The brief does not say how long a lesson is. Enter it under Time.</p>
  <PaperSheet
    v-for="l in lessons"
    :key="l.number"
    :title="lessons.length > 1 ? `The phases of lesson ${l.number}` : 'The phases'"
  >
    <table class="ruled phases">
      <thead>
        <tr>
          <th scope="col">From minute</th>
          <th scope="col">What</th>
          <th scope="col">Minutes</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="b in l.blocks" :key="b.phase + b.from">
          <td>{{ minutes(b.from) }}</td>
          <th scope="row">
            {{ b.name }}<template v-if="b.turns > 0">, {{ b.turns === 1 ? '1 turn' : `${b.turns} turns` }}</template>
            <i
              class="bar"
              :style="{ width: share(l, b.to - b.from), marginLeft: share(l, b.from) }"
              aria-hidden="true"
            ></i>
          </th>
          <td>{{ minutes(b.to - b.from) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="l.carries">{{ l.carries }}</p>
  </PaperSheet>
</template>

<style scoped>
.phases {
  font-size: 1.5em;
}
.phases th[scope='row'] {
  width: 60%;
}
.bar {
  display: block;
  height: 0.3em;
  background: var(--ink);
  print-color-adjust: exact;
}
</style>
