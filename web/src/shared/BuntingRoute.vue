<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router'
import type { Pennant, Station } from '@/api/names'

/** The route as a line of bunting: a pennant for each station, sewn as far as it is ready. */
defineProps<{
  pennants: readonly Pennant[]
  current: string
  /** Where each station is; a station without an address cannot be gone to yet. */
  to: Partial<Record<Station, RouteLocationRaw>>
}>()

const names: Record<Station, string> = {
  brief: 'Brief',
  kit: 'Kit',
  teams: 'Teams',
  run: 'Run',
  score: 'Score',
  results: 'Results',
  debrief: 'Debrief',
}
const ready = { hollow: 'not started', halfSewn: 'partly ready', full: 'ready' } as const
const describe = (p: Pennant) => ready[p.readiness] + (p.missing > 0 ? `, ${p.missing} still missing` : '')
</script>

<template>
  <nav class="route" aria-label="Stations">
    <svg class="rope" viewBox="0 0 400 14" preserveAspectRatio="none" aria-hidden="true">
      <path
        d="M0 3 Q200 16 400 3"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.5"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <ol>
      <li v-for="p in pennants" :key="p.station">
        <component
          :is="to[p.station] ? 'RouterLink' : 'span'"
          class="station"
          :class="{ here: p.station === current, off: !to[p.station] }"
          :to="to[p.station]"
          :aria-current="p.station === current ? 'page' : undefined"
        >
          <svg viewBox="0 0 44 46" width="44" height="46" aria-hidden="true">
            <path class="cloth" d="M3 2h38v40l-19-11-19 11z" />
            <path v-if="p.readiness === 'full'" class="sewn" d="M3 2h38v40l-19-11-19 11z" />
            <path v-else-if="p.readiness === 'halfSewn'" class="sewn" d="M3 2h38v21h-38z" />
            <path class="hem" :class="p.readiness" d="M8 7h28v27l-14-8.5-14 8.5z" />
            <text v-if="p.missing > 0" x="22" y="18" :class="p.readiness === 'hollow' ? 'dark' : 'light'">
              {{ p.missing }}
            </text>
            <path v-else-if="p.readiness === 'full'" class="tick" d="M15 16l5 5 9-10" />
          </svg>
          <span class="label"
            >{{ names[p.station] }}<span class="out-of-sight">, {{ describe(p) }}</span></span
          >
        </component>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.route {
  position: relative;
  flex: 0 1 30rem;
  padding-top: var(--space-2);
}
.rope {
  position: absolute;
  inset: 0 0 auto;
  width: 100%;
  height: 14px;
}
ol {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-around;
}
.station {
  display: grid;
  justify-items: center;
  padding: var(--space-1) var(--space-3) 0;
  color: var(--ink);
  text-decoration: none;
  position: relative;
}
.cloth {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.sewn {
  fill: var(--lagoon);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.hem {
  fill: none;
  stroke: var(--edge);
  stroke-width: 1.2;
  stroke-dasharray: 3 2.5;
}
.hem.full {
  stroke: var(--lagoon-pale);
}
text {
  font: 700 13px var(--text);
  text-anchor: middle;
}
text.light {
  fill: var(--on-dark);
}
text.dark {
  fill: var(--ink);
}
.tick {
  fill: none;
  stroke: var(--on-dark);
  stroke-width: 2.5;
}
.label {
  font-size: var(--size-small);
}
.here .label {
  font-weight: 750;
  box-shadow: 0 3px 0 var(--marigold);
}
.off {
  color: var(--muted);
}
a.station:hover .label {
  text-decoration: underline;
}
@media (max-width: 600px) {
  .station {
    padding-inline: var(--space-1);
  }
  .station svg {
    width: 38px;
    height: 40px;
  }
  .label {
    font-size: var(--size-small);
  }
}
</style>
