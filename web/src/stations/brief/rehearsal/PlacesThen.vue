<script setup lang="ts">
import { computed } from 'vue'
import type { PlacedTwice } from '@/api/names'

/** One class by both: a line from each team's place as it is to its place as it might be. */
const { places } = defineProps<{ places: readonly PlacedTwice[] }>()
const height = 26
const y = (place: number | null | undefined, at: number) => ((place ?? places.length) - 1 + at) * height + height / 2
/** Teams that share a place stand below each other. */
function placed(of: 'now' | 'then') {
  const seen = new Map<number, number>()
  return places.map((p) => {
    const place = p[of] ?? places.length
    const before = seen.get(place) ?? 0
    seen.set(place, before + 1)
    return y(place, before)
  })
}
const now = computed(() => placed('now'))
const then = computed(() => placed('then'))
const text = (place: number | null | undefined) => place ?? '–'
</script>

<template>
  <figure>
    <figcaption class="small muted">One class as an example: places as it is, and as it might be</figcaption>
    <svg :viewBox="`0 0 320 ${places.length * height}`" role="img" aria-hidden="true">
      <g v-for="(p, i) in places" :key="p.team" :class="{ moved: p.now !== p.then }">
        <text x="0" :y="now[i]! + 5">{{ text(p.now) }} {{ p.team }}</text>
        <line x1="110" :y1="now[i]" x2="285" :y2="then[i]" />
        <text x="292" :y="then[i]! + 5">{{ text(p.then) }}</text>
      </g>
    </svg>
    <table class="out-of-sight">
      <thead>
        <tr>
          <th scope="col">Team</th>
          <th scope="col">As it is</th>
          <th scope="col">As it might be</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in places" :key="p.team">
          <th scope="row">{{ p.team }}</th>
          <td>{{ text(p.now) }}</td>
          <td>{{ text(p.then) }}</td>
        </tr>
      </tbody>
    </table>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  position: relative;
}
svg {
  width: 100%;
  max-width: 24rem;
}
text {
  font: 400 14px var(--text);
  fill: var(--ink);
}
line {
  stroke: var(--edge);
  stroke-width: 1.5;
}
.moved text {
  font-weight: 700;
}
.moved line {
  stroke: var(--lagoon);
  stroke-width: 3;
}
</style>
