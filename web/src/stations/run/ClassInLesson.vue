<script setup lang="ts">
import Button from 'primevue/button'
import { computed, useTemplateRef } from 'vue'
import type { Entry, TeamInLesson } from '@/api/names'
import { struckOut, written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import { useOrder } from '@/shared/useOrder'
import type { Sent } from '@/shared/useOutbox'
import type { LiveClock } from '@/shared/useClock'

/** The teams in the order in which they are tested: whose plan is approved, who came late. */
const props = defineProps<{
  live: LiveClock
  /** The tier of each, where the lesson has several. */
  teams: readonly { id: string; name: string; tier: string }[]
  /** What being late costs, as the brief says it. */
  ifLate: string
  record: (entry: Entry) => Promise<Sent>
}>()
const { round } = useRally()
const inOrder = computed(() => props.live.teams.value)
const named = (t: TeamInLesson) => props.teams.find((team) => team.id === t.team)
const nameOf = (t: TeamInLesson) => named(t)?.name ?? t.team
const toggle = (team: string, kind: 'planCleared' | 'cameLate', entry: string | null | undefined) =>
  props.record(entry ? struckOut(team, round.value, entry, 'undone') : written(team, round.value, { kind }))
function move(from: number, to: number) {
  const order = inOrder.value.map((t) => t.team)
  order.splice(to, 0, ...order.splice(from, 1))
  void props.record(written('', round.value, { kind: 'testOrderSet', teams: order }))
}
const { onKey } = useOrder(useTemplateRef('list'), move, () => inOrder.value.length)
</script>

<template>
  <section aria-labelledby="class">
    <h2 id="class">Teams</h2>
    <p class="small muted">
      In the order of the test: drag, or use ↑ and ↓ on a grip; the smallest looking first. A team fetches material once
      its plan is approved.
    </p>
    <ol ref="list">
      <li v-for="(t, i) in inOrder" :key="t.team">
        <button type="button" class="grip" :aria-label="`Move ${nameOf(t)}`" @keydown="onKey($event, i)">
          <span aria-hidden="true"></span>
        </button>
        <span class="name"
          >{{ nameOf(t) }} <span class="small muted">{{ named(t)?.tier }}</span></span
        >
        <Button
          type="button"
          label="Plan approved"
          :aria-label="`Plan approved: ${nameOf(t)}`"
          :aria-pressed="!!t.cleared"
          :variant="t.cleared ? undefined : 'outlined'"
          @click="toggle(t.team, 'planCleared', t.cleared)"
        />
        <Button
          type="button"
          label="Late"
          severity="secondary"
          :aria-label="`Late: ${nameOf(t)}`"
          :aria-pressed="!!t.late"
          :variant="t.late ? undefined : 'outlined'"
          @click="toggle(t.team, 'cameLate', t.late)"
        />
      </li>
    </ol>
    <p v-if="inOrder.some((t) => t.late)" class="small">
      {{ ifLate || 'The brief does not say what being late costs.' }}
    </p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto;
  align-items: center;
  gap: var(--space-3);
  padding: var(--space-2) 0;
  border-bottom: var(--rule);
}
li :deep(button) {
  min-height: var(--touch);
}
.name {
  font-weight: 650;
  overflow-wrap: anywhere;
}
.name .small {
  font-weight: 400;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: auto minmax(0, 1fr) auto;
  }
  .name {
    grid-column: 2 / -1;
  }
  .name + :deep(button) {
    grid-column: 1 / 3;
  }
}
</style>
