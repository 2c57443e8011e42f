<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import { api, ask } from '@/api/client'
import type { BriefOnShelf, Season, YearLine } from '@/api/names'
import { shortDay } from '@/shared/days'
import { countOf } from '@/shared/numbers'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useLoad } from '@/shared/useLoad'
import { seasons as seasonNames } from '@/fields/words'
import { byDay } from './byDay'
import { planSays } from './planSays'

/** The school year as a tide line: seasons with their briefs, rallies where they belong, and today. */
const props = defineProps<{ year?: YearLine; briefs: readonly BriefOnShelf[] }>()
type Stop = YearLine['stops'][number]
/** The year that is looked at, by the calendar year in which it begins: this one, or one that is over. */
const begins = ref<number>()
const past = useLoad(() => ask(api.GET('/api/year', { params: { query: { begins: begins.value } } })))
const line = computed(() => (begins.value === undefined ? props.year : (past.data.value ?? props.year)))
const at = computed(() => {
  const years = line.value?.years ?? []
  const i = years.findIndex((y) => y.name === line.value?.name)
  return { earlier: years[i - 1], later: years[i + 1], last: years.length - 1 }
})
async function lookAt(year: { begins: number; name: string } | undefined) {
  if (!year) return
  begins.value = year.begins === props.year?.years.at(-1)?.begins ? undefined : year.begins
  if (begins.value !== undefined) await past.load()
}
const names = new Map(seasonNames)
/** Each season once, on the longest stretch of the line that it has. */
const seasons = computed(() => {
  const spans = [...(line.value?.seasons ?? [])].sort((a, b) => b.to - b.from - (a.to - a.from))
  return spans.filter((s, i) => spans.findIndex((o) => o.season === s.season) === i).sort((a, b) => a.from - b.from)
})
const count = (s: Season) => props.briefs.filter((b) => b.season === s).length
const place = (along: number) => `${along * 100}%`
const tide = useTemplateRef('tide')
const { width } = useElementSize(tide)
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
  return byDay(line.value?.stops ?? []).map(([, group]) => {
    const s = { ...group[0]!, group }
    return { ...s, row: rowFor(taken, s.along) }
  })
})
/** Plans hang below the rallies. */
const plans = computed(() => {
  const taken: number[] = []
  const below = Math.max(-1, ...stops.value.map((s) => s.row)) + 1
  return (line.value?.plans ?? []).filter((p) => p.thisYear).map((p) => ({ ...p, row: below + rowFor(taken, p.along) }))
})
const describe = (s: Stop & { group: readonly Stop[] }) =>
  s.group.length > 1
    ? `${s.group.length} rallies on ${shortDay(s.date)}: ${s.group.map((g) => g.name).join(', ')}`
    : `${s.name}, ${s.brief}, ${shortDay(s.date)}`
/** The first of a day can be led to. */
const firstOfDay = (all: readonly Stop[], i: number) =>
  all[i]!.date === all[i - 1]?.date ? undefined : `ran-${all[i]!.date}`
/** What came of a rally of a year that is over. */
const cameOf = (s: Stop) =>
  [
    countOf(s.teams, 'team', 'teams'),
    s.begun ? '' : 'never run',
    s.best ? `best ${s.best.name}: ${s.best.text}, ${s.best.team}` : '',
    s.archived ? 'archived' : '',
  ]
    .filter(Boolean)
    .join(' · ')
/** Several on one day are one pennant with their number; it leads to that day in the list: above, or of that year. */
const to = (s: Stop & { group: readonly Stop[] }) =>
  s.group.length > 1
    ? line.value?.isThisYear
      ? `#day-${s.date}`
      : `#ran-${s.date}`
    : `/rallies/${s.rally}/${s.begun ? 'results' : 'kit'}`
</script>

<template>
  <section class="year" aria-labelledby="year">
    <div class="head">
      <h2 id="year">{{ line?.isThisYear === false ? `The year ${line.name}` : 'The year' }}</h2>
      <p v-if="at.last > 0" class="ways">
        <button v-if="at.earlier" type="button" class="act" @click="lookAt(at.earlier)">
          Show {{ at.earlier.name }}
        </button>
        <button v-if="at.later" type="button" class="act" @click="lookAt(at.later)">Show {{ at.later.name }}</button>
      </p>
    </div>
    <RefusalNote :refusal="past.refusal.value" />
    <div ref="tide" class="line" :style="{ '--rows': 1 + Math.max(0, ...[...stops, ...plans].map((s) => s.row)) }">
      <svg viewBox="0 0 400 16" preserveAspectRatio="none" aria-hidden="true">
        <path
          d="M0 8q12.5-10 25 0t25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0"
          fill="none"
          stroke="var(--lagoon)"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
      </svg>
      <div v-if="line?.isThisYear" class="today" :style="{ left: place(line.along) }">
        <span>today</span>
      </div>
      <ol v-if="plans.length > 0" aria-label="Briefs planned for this school year">
        <li v-for="p in plans" :key="p.id" class="planned" :style="{ left: place(p.along), '--row': p.row }">
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
      <ol
        v-if="stops.length > 0"
        :aria-label="`Rallies of ${line?.isThisYear === false ? line.name : 'this school year'}`"
      >
        <li v-for="s in stops" :key="s.date" :style="{ left: place(s.along), '--row': s.row }">
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
    <ol v-if="line && line.terms.length > 0" class="terms" aria-label="Terms">
      <li v-for="t in line.terms" :key="t.name" :style="{ left: place(t.from) }">{{ t.name }}</li>
    </ol>
    <ul v-if="line && !line.isThisYear" class="ran" :aria-label="`What was run in ${line.name}`">
      <li v-for="(s, i) in line.stops" :id="firstOfDay(line.stops, i)" :key="s.rally">
        <RouterLink :to="`/rallies/${s.rally}/${s.begun ? 'debrief' : 'teams'}`">{{ s.brief }}</RouterLink>
        <span>{{ s.name }}, {{ shortDay(s.date) }}</span>
        <span class="muted">{{ cameOf(s) }}</span>
      </li>
    </ul>
    <ul v-else-if="seasons.length > 0" class="stops" aria-label="Briefs by season">
      <li v-for="s in seasons" :key="s.season" :style="{ left: place((s.from + s.to) / 2) }">
        {{ names.get(s.season) }} <span class="figures muted">{{ count(s.season) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.year {
  padding-bottom: var(--space-3);
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-3) var(--space-6);
  padding-bottom: var(--space-7);
}
.ways {
  display: flex;
  gap: var(--space-5);
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
ol li,
.stops li {
  position: absolute;
  top: calc(10px + var(--row) * 26px);
  transform: translateX(-50%);
}
ol li a {
  display: block;
  width: 26px;
  height: 26px;
  text-align: center;
}
ol li path {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
  stroke-dasharray: 3 2;
}
ol li text {
  font: 700 11px var(--text);
  text-anchor: middle;
  fill: var(--ink);
}
ol li .begun text {
  fill: var(--on-dark);
}
ol li .begun path {
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
.ran li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
}
.planned path {
  fill: none;
}
</style>
