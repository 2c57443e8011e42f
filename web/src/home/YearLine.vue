<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { BriefOnShelf, Season, YearLine } from '@/api/names'
import { shortDay } from '@/shared/days'
import { seasons as seasonNames } from '@/fields/words'
import { byDay } from './byDay'
import { planSays } from './planSays'

/** The school year as a tide line: seasons with their briefs, rallies where they belong, and today. */
const props = defineProps<{ year?: YearLine; briefs: readonly BriefOnShelf[] }>()
type Stop = YearLine['stops'][number]
const names = new Map(seasonNames)
/** Each season once, on the longest stretch of the line that it has. */
const seasons = computed(() => {
  const spans = [...(props.year?.seasons ?? [])].sort((a, b) => b.to - b.from - (a.to - a.from))
  return spans.filter((s, i) => spans.findIndex((o) => o.season === s.season) === i).sort((a, b) => a.from - b.from)
})
const count = (s: Season) => props.briefs.filter((b) => b.season === s).length
const at = (along: number) => `${along * 100}%`
const line = useTemplateRef('line')
const { width } = useElementSize(line)
/** What two pennants need beside each other; where there is less, one hangs lower. */
const apart = 30
/** What hangs on the line: each as high as there is room. */
const rowFor = (taken: number[], along: number) => {
  const x = along * (width.value || 1200)
  let row = taken.findIndex((end) => x - end >= apart)
  if (row < 0) row = taken.length
  taken[row] = x
  return row
}
const stops = computed(() => {
  const taken: number[] = []
  return byDay(props.year?.stops ?? []).map(([, group]) => {
    const s = { ...group[0]!, group }
    return { ...s, row: rowFor(taken, s.along) }
  })
})
/** Plans hang below the rallies. */
const plans = computed(() => {
  const taken: number[] = []
  const below = Math.max(-1, ...stops.value.map((s) => s.row)) + 1
  return (props.year?.plans ?? []).filter((p) => p.thisYear).map((p) => ({ ...p, row: below + rowFor(taken, p.along) }))
})
const describe = (s: Stop & { group: readonly Stop[] }) =>
  s.group.length > 1
    ? `${s.group.length} rallies on ${shortDay(s.date)}: ${s.group.map((g) => g.name).join(', ')}`
    : `${s.name}, ${s.brief}, ${shortDay(s.date)}`
/** Several on one day are one pennant with their number; it leads to that day in the list. */
const to = (s: Stop & { group: readonly Stop[] }) =>
  s.group.length > 1 ? `#day-${s.date}` : `/rallies/${s.rally}/${s.begun ? 'results' : 'kit'}`
</script>

<template>
  <section class="year" aria-labelledby="year">
    <h2 id="year">The year</h2>
    <div ref="line" class="line" :style="{ '--rows': 1 + Math.max(0, ...[...stops, ...plans].map((s) => s.row)) }">
      <svg viewBox="0 0 400 16" preserveAspectRatio="none" aria-hidden="true">
        <path
          d="M0 8q12.5-10 25 0t25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0"
          fill="none"
          stroke="var(--lagoon)"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
      </svg>
      <div v-if="year" class="today" :style="{ left: at(year.along) }">
        <span>today</span>
      </div>
      <ol v-if="plans.length > 0" aria-label="Briefs planned for this school year">
        <li v-for="p in plans" :key="p.id" class="planned" :style="{ left: at(p.along), '--row': p.row }">
          <RouterLink
            :to="`/briefs/${p.plan.brief}`"
            :title="`Planned: ${p.title}, ${planSays(p)}`"
            :aria-label="`Planned: ${p.title}, ${planSays(p)}`"
          >
            <svg viewBox="0 0 24 26" width="22" height="24" aria-hidden="true">
              <path d="M3 2h18v22l-9-6-9 6z" />
              <text x="12" y="14">+</text>
            </svg>
          </RouterLink>
        </li>
      </ol>
      <ol v-if="stops.length > 0" aria-label="Rallies of this school year">
        <li v-for="s in stops" :key="s.date" :style="{ left: at(s.along), '--row': s.row }">
          <RouterLink
            :to="to(s)"
            :title="describe(s)"
            :aria-label="describe(s)"
            :class="{ begun: s.group.every((g) => g.begun) }"
          >
            <svg viewBox="0 0 24 26" width="22" height="24" aria-hidden="true">
              <path d="M3 2h18v22l-9-6-9 6z" />
              <text v-if="s.group.length > 1" x="12" y="14">{{ s.group.length }}</text>
            </svg>
          </RouterLink>
        </li>
      </ol>
    </div>
    <ol v-if="year && year.terms.length > 0" class="terms" aria-label="Terms">
      <li v-for="t in year.terms" :key="t.name" :style="{ left: at(t.from) }">{{ t.name }}</li>
    </ol>
    <ul v-if="seasons.length > 0" class="stops" aria-label="Briefs by season">
      <li v-for="s in seasons" :key="s.season" :style="{ left: at((s.from + s.to) / 2) }">
        {{ names.get(s.season) }} <span class="figures muted">{{ count(s.season) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.year {
  padding-bottom: var(--space-3);
}
.year h2 {
  padding-bottom: var(--space-7);
}
.line {
  position: relative;
  height: calc(18px + var(--rows) * 26px);
}
.line > svg {
  display: block;
  width: 100%;
  height: 14px;
}
.today {
  position: absolute;
  top: -1.1rem;
  height: 34px;
  border-left: 2px solid var(--marigold);
}
.today span {
  position: absolute;
  left: 4px;
  top: -0.2rem;
  font-size: var(--size-small);
  line-height: 1;
}
li {
  position: absolute;
  top: calc(10px + var(--row) * 26px);
  transform: translateX(-50%);
}
li a {
  display: block;
  width: 26px;
  height: 26px;
  text-align: center;
}
li path {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
  stroke-dasharray: 3 2;
}
li text {
  font: 700 11px var(--text);
  text-anchor: middle;
  fill: var(--ink);
}
li .begun text {
  fill: var(--on-dark);
}
li .begun path {
  fill: var(--lagoon);
  stroke-dasharray: none;
}
.terms {
  position: relative;
  height: 1.6rem;
}
.terms li {
  top: 0;
  transform: none;
  border-left: 2px solid var(--line);
  padding-left: var(--space-2);
  font-size: var(--size-small);
  white-space: nowrap;
}
.stops {
  position: relative;
  height: 1.6rem;
}
.stops li {
  top: 0;
  white-space: nowrap;
}
.planned path {
  fill: none;
}
</style>
