<script setup lang="ts">
import Button from 'primevue/button'
import type { ClockPhase, ClockTouch, TurnNow } from '@/api/names'
import { asClock } from '@/shared/useClock'

/** Which team is testing in a phase that goes team by team, at which table, and who is next. */
const props = defineProps<{
  turn: TurnNow
  phase: ClockPhase
  /** Seconds that are left of it. */
  left: number
  teams: readonly { id: string; name: string; away?: unknown }[]
  send: (body: Partial<ClockTouch> & Pick<ClockTouch, 'does'>) => Promise<void>
}>()
const nameOf = (id: string) => props.teams.find((t) => t.id === id)?.name ?? id
const begin = (teams: readonly string[]) => props.send({ does: 'turn', phase: props.phase.id, teams: [...teams] })
</script>

<template>
  <section aria-labelledby="turn">
    <h2 id="turn">Now testing</h2>
    <ol>
      <li v-for="(t, i) in turn.on" :key="t">
        <b>{{ nameOf(t) }}</b>
        <template v-if="turn.on.length > 1"> at table {{ i + 1 }}</template>
      </li>
    </ol>
    <p class="figures">
      {{ left < 0 ? `Turn over by ${asClock(-left)}` : `${asClock(left)} left in this turn` }} · {{ turn.done }} of
      {{ turn.all }} teams tested
      <template v-if="turn.next.length > 0"> · next: {{ turn.next.map(nameOf).join(', ') }}</template>
    </p>
    <div class="touch-row">
      <Button
        v-if="turn.next.length > 0"
        :label="`Next: ${turn.next.map(nameOf).join(', ')}`"
        @click="begin(turn.next)"
      />
      <p v-else class="muted">Every team has had its turn.</p>
      <label class="small"
        >Choose another team
        <select
          class="inline"
          aria-label="Another team to test now"
          value=""
          @change="begin([($event.target as HTMLSelectElement).value])"
        >
          <option value="" disabled selected>choose</option>
          <option v-for="t in teams.filter((t) => !t.away && !turn.on.includes(t.id))" :key="t.id" :value="t.id">
            {{ t.name }}
          </option>
        </select></label
      >
    </div>
  </section>
</template>
