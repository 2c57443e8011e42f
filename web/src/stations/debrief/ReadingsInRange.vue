<script setup lang="ts">
import { computed } from 'vue'
import type { Pert, ReadingThatCame } from '@/api/names'

/**
 * Readings as dots over the range that was expected; those outside are filled. What it shows is said beside it in
 * words.
 */
const props = defineProps<{ range: Pert; readings: readonly ReadingThatCame[] }>()
const width = 300
const ends = computed(() => {
  const all = [props.range.low, props.range.high, ...props.readings.map((r) => r.value)]
  return [Math.min(...all), Math.max(...all)] as const
})
const x = (value: number) => {
  const [low, high] = ends.value
  return 8 + ((value - low) / (high - low || 1)) * (width - 16)
}
</script>

<template>
  <svg :viewBox="`0 0 ${width} 22`" aria-hidden="true">
    <rect :x="x(range.low)" y="3" :width="Math.max(2, x(range.high) - x(range.low))" height="16" />
    <circle v-for="(r, i) in readings" :key="i" :cx="x(r.value)" cy="11" r="4.5" :class="{ outside: !r.inside }" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 26rem;
}
rect {
  fill: var(--lagoon-wash);
}
circle {
  fill: none;
  stroke: var(--lagoon);
  stroke-width: 1.5;
}
.outside {
  fill: var(--brick);
  stroke: var(--brick);
}
</style>
