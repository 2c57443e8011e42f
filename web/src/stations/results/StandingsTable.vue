<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CardShown, ReferenceStanding, Standing, Standings, Team } from '@/api/names'
import { purposeNames } from '@/shared/purposes'
import { ruleColumns } from '@/shared/ruleColumns'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'

/** The teams in order: placed, unfinished, not placed; below them the comparisons. */
const props = defineProps<{
  standings: Standings
  teams: readonly Team[]
  chosen: string
  cards: Readonly<Record<string, readonly CardShown[]>>
}>()
const emit = defineEmits<{ choose: [team: string] }>()
const marks = computed(() => teamMarks(props.teams))
const parts = computed(() => props.standings.rows[0]?.parts ?? [])
/** By which part the rows are looked at; in their order of places where by none. */
const by = ref<number>()
const rows = computed(() => {
  const part = by.value
  if (part === undefined) return props.standings.rows
  // The best first: most points, or fewest where the lowest total wins; who has none stands at the end.
  const sign = props.standings.wins === 'lowest' ? 1 : -1
  const points = (row: Standing) => sign * (row.parts[part]?.points ?? sign * Infinity)
  return props.standings.rows.toSorted((one, other) => points(one) - points(other))
})
/** Points that rules won or lost have columns of their own, where there are any. */
const extras = computed(() => ruleColumns(props.standings.rows))
/** A brief may give no points at all: then it is met or not. */
const points = computed(() => parts.value.length > 0)
const met = (row: Pick<Standing, 'musts'>) =>
  `${row.musts.filter((m) => m.state === 'met').length} of ${row.musts.length} met`
const nameOf = (team: string) => props.standings.rows.find((r) => r.team === team)?.name ?? ''
const of = (row: ReferenceStanding, part: string) => row.parts.find((p) => p.part === part)
const place = (row: Standing) =>
  row.placeText ||
  {
    placed: 'finished',
    unfinished: 'not finished',
    didNotPlace: props.standings.ranking ? 'not placed' : 'must-have missed',
    away: 'away',
  }[row.status]
</script>

<template>
  <div class="wide">
    <table>
      <thead>
        <tr>
          <th scope="col">{{ standings.ranking ? 'Place' : 'Status' }}</th>
          <th scope="col">Team</th>
          <th
            v-for="(p, i) in parts"
            :key="p.part"
            scope="col"
            class="number by-part"
            :aria-sort="by === i ? (standings.wins === 'lowest' ? 'ascending' : 'descending') : undefined"
          >
            <button type="button" class="sort" :aria-pressed="by === i" @click="by = by === i ? undefined : i">
              <span class="out-of-sight">In order of </span>{{ p.name }}
            </button>
          </th>
          <th v-for="[title] in extras" :key="title" scope="col" class="number">{{ title }}</th>
          <th v-if="points" scope="col" class="number">
            <button type="button" class="sort" :aria-pressed="by === undefined" @click="by = undefined">
              <span class="out-of-sight">In order of </span>Total
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.team"
          :class="{ chosen: row.team === chosen, aside: row.status !== 'placed' }"
        >
          <td class="place">{{ place(row) }}</td>
          <th scope="row">
            <button type="button" :aria-pressed="row.team === chosen" @click="emit('choose', row.team)">
              <TeamPennant :mark="marks.get(row.team)!" :width="48" />
              {{ row.name }}
            </button>
            <p v-for="c in cards[row.team] ?? []" :key="c.deal" class="small muted aside-note">
              {{ c.deal }}: {{ c.name }}
            </p>
            <p v-if="row.reason" class="small muted aside-note">
              {{ row.status === 'didNotPlace' ? 'Missed: ' : '' }}{{ row.reason }}
            </p>
            <template v-if="!standings.ranking">
              <p v-if="row.done" class="small aside-note">{{ row.done }}</p>
              <p v-else-if="row.done == null && row.musts.length > 0" class="small aside-note">{{ met(row) }}</p>
              <p v-for="t in row.targets" :key="t.target" class="small aside-note">{{ t.says }}</p>
            </template>
            <p v-if="row.tooNear.length > 0" class="small near aside-note">A rule is too close to call.</p>
          </th>
          <td v-for="p in row.parts" :key="p.part" class="number by-part">
            {{ p.pointsText || '–' }}
            <span v-if="p.valueText" class="small muted value">{{ p.valueText }}</span>
          </td>
          <td v-for="[title, key] in extras" :key="title" class="number">{{ row[key] || '–' }}</td>
          <td v-if="points" class="number total">
            {{ row.status === 'didNotPlace' && row.totalText ? `(${row.totalText})` : row.totalText || '–' }}
          </td>
        </tr>
      </tbody>
      <tbody v-if="standings.references.length > 0" class="references">
        <tr v-for="r in standings.references" :key="r.reference.id + r.reference.purpose + r.reference.of">
          <td class="place">{{ purposeNames[r.reference.purpose] }}</td>
          <th scope="row">
            {{ r.reference.name }}
            <p v-if="r.reference.of" class="small muted">for {{ nameOf(r.reference.of) }} alone</p>
            <p v-if="r.round !== standings.round" class="small muted">measured in round {{ r.round }}</p>
            <p v-if="r.reason" class="small muted">{{ r.reason }}</p>
            <p v-if="!standings.ranking && r.musts.length > 0" class="small">{{ met(r) }}</p>
          </th>
          <td v-for="p in parts" :key="p.part" class="number by-part">
            {{ of(r, p.part)?.pointsText || '–' }}
            <span v-if="of(r, p.part)?.valueText" class="small muted value">{{ of(r, p.part)?.valueText }}</span>
          </td>
          <td v-for="[title] in extras" :key="title" class="number">–</td>
          <td v-if="points" class="number total">{{ r.totalText || '–' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
/*
 * With many parts the table is wider than its half of the page: the parts scroll, and totals and the slip stay in
 * sight.
 */
.wide {
  overflow-x: auto;
  margin-top: var(--space-4);
  background: var(--sheet);
  border: var(--rule);
}
tr {
  background: var(--sheet);
}
tr > :last-child {
  position: sticky;
  right: 0;
  background: inherit;
}
tbody th {
  min-width: 10rem;
}
table {
  width: 100%;
}
thead th {
  font-size: var(--size-small);
  font-weight: 500;
  color: var(--muted);
  text-align: left;
  padding: var(--space-3) var(--space-4);
  border-bottom: 1.5px solid var(--ink);
}
td,
tbody th {
  padding: var(--space-3) var(--space-4);
  border-bottom: var(--rule);
  text-align: left;
  font-weight: 400;
}
.number {
  text-align: right !important;
}
.value {
  display: block;
  white-space: nowrap;
}
.total {
  font-weight: 750;
  font-size: var(--size-lead);
}
.place {
  font: 750 var(--size-text) / 1.15 var(--title);
}
.aside .place {
  font: 400 var(--size-small) / 1.2 var(--text);
  color: var(--muted);
}
button {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  width: 100%;
  font: inherit;
  font-weight: 600;
  color: inherit;
  text-align: left;
  background: none;
  border: 0;
  padding: var(--space-1) 0;
  cursor: pointer;
  overflow-wrap: anywhere;
}
button:hover {
  text-decoration: underline;
}
.aside .total {
  font-weight: 400;
  color: var(--muted);
}
.sort {
  display: inline;
  width: auto;
  min-height: 24px;
  font-size: inherit;
  font-weight: 500;
  text-align: right;
  overflow-wrap: normal;
}
.sort[aria-pressed='true'] {
  font-weight: 750;
  text-decoration: underline;
}
.aside-note {
  padding-left: var(--space-9);
  line-height: 1.3;
}
.near {
  color: var(--marigold-text);
}
.references .place {
  font: 400 var(--size-small) / 1.2 var(--text);
  color: var(--muted);
}
.references .total {
  font-weight: 400;
}
.references th p {
  line-height: 1.3;
}
.chosen {
  background: var(--lagoon-wash);
  box-shadow: inset 4px 0 0 var(--marigold);
}
/* A phone has room for the total; the parts are on the slip below. */
@media (max-width: 600px) {
  .by-part {
    display: none;
  }
}
</style>
