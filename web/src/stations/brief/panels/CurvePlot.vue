<script setup lang="ts">
import { computed } from 'vue'
import type { CurveLine } from '@/api/names'

/** A curve of the method with the pretend teams on it: value across, points up. */
const props = defineProps<{ curve: CurveLine }>()
const box = { left: 30, right: 8, top: 10, bottom: 26, width: 230, height: 130 }
const xs = computed(() => props.curve.line.map((p) => p.x))
const ys = computed(() => [0, ...props.curve.line.map((p) => p.y), ...props.curve.marks.map((m) => m.y)])
const low = computed(() => Math.min(...xs.value))
const high = computed(() => Math.max(...xs.value))
const bottom = computed(() => Math.min(...ys.value))
const top = computed(() => Math.max(...ys.value, bottom.value + 1))
const x = (v: number) =>
  box.left + ((v - low.value) / (high.value - low.value || 1)) * (box.width - box.left - box.right)
const y = (v: number) =>
  box.height - box.bottom - ((v - bottom.value) / (top.value - bottom.value)) * (box.height - box.top - box.bottom)
const path = computed(() =>
  props.curve.line.map((p, i) => `${i ? 'L' : 'M'}${x(p.x).toFixed(1)} ${y(p.y).toFixed(1)}`).join(''),
)
const round = (v: number) => String(Math.round(v * 100) / 100)
const summary = computed(
  () =>
    `${props.curve.name}: ` +
    props.curve.marks.map((m) => `${m.team} at ${round(m.x)} has ${round(m.y)} points`).join(', '),
)
</script>

<template>
  <figure>
    <figcaption class="small">{{ curve.name }}</figcaption>
    <svg :viewBox="`0 0 ${box.width} ${box.height}`" role="img" :aria-label="summary">
      <path :d="`M${box.left} ${box.top}V${y(bottom)}H${box.width - box.right}`" class="axis" />
      <text :x="box.left - 4" :y="y(top) + 4" class="end">{{ round(top) }}</text>
      <text :x="box.left - 4" :y="y(bottom) + 3" class="end">{{ round(bottom) }}</text>
      <text :x="box.left" :y="box.height - 12">{{ round(low) }}</text>
      <text :x="box.width - box.right" :y="box.height - 12" class="end">{{ round(high) }}</text>
      <text :x="(box.left + box.width) / 2" :y="box.height - 2" class="middle">{{ curve.across }}</text>
      <path :d="path" class="line" />
      <g v-for="m in curve.marks" :key="m.team">
        <path :d="`M${x(m.x)} ${y(m.y)}V${y(bottom)}`" class="drop" />
        <circle :cx="x(m.x)" :cy="y(m.y)" r="8" />
        <text :x="x(m.x)" :y="y(m.y) + 3.5" class="middle in">{{ m.team[0] }}</text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  width: 100%;
  display: block;
}
.axis {
  fill: none;
  stroke: var(--edge);
}
.line {
  fill: none;
  stroke: var(--lagoon);
  stroke-width: 2;
}
.drop {
  stroke: var(--line);
  stroke-dasharray: 2 2;
}
circle {
  fill: var(--ink);
}
text {
  font: 400 10px var(--text);
  fill: var(--muted);
}
.end {
  text-anchor: end;
}
.middle {
  text-anchor: middle;
}
.in {
  fill: var(--paper);
  font-weight: 700;
}
</style>
