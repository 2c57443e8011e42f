<script setup lang="ts">
import Button from 'primevue/button'
import type { Entry, RallyOpened } from '../api/names'
import { computed } from 'vue'
import type { Unsent } from './deviceStore'
import type { Outbox } from './useOutbox'

/** Entries that the server does not have yet: waiting for the connection, or refused when it came back. */
const props = defineProps<{ outbox: Outbox; rally: RallyOpened }>()
const { unsent, shutOut, drop, move } = props.outbox
const waiting = computed(() => unsent.value.filter((u) => !u.refusal).length)
const closed = (u: Unsent) => u.refusal?.problems.some((p) => p.at === '/round')
const teamName = (entry: Entry) => props.rally.teams.find((t) => t.id === entry.team)?.name ?? 'The class'
const plain: Partial<Record<Entry['kind'], string>> = {
  struckOut: 'a strike',
  planCleared: 'plan approved',
  cameLate: 'late',
  testOrderSet: 'the order of the test',
  designNoted: 'a change of the design',
  taskTicked: 'a task',
  tasksTimed: 'a time',
  relayFaulted: 'a fault',
  itemsCarried: 'what was brought over',
  relayStopped: 'gave up',
  itemsSorted: 'a sorted answer',
  orderGiven: 'an order',
  piecesCounted: 'pieces',
  levelGiven: 'a level',
  purchased: 'a purchase',
  returned: 'something given back',
  tallied: 'a counter',
  kitCounted: 'kit counted',
}
const says = (entry: Entry) => {
  switch (entry.kind) {
    case 'trialRecorded':
      return entry.outcome === 'counted' ? entry.readings.map((r) => r.typed).join(', ') : entry.outcome
    case 'measureRead':
      return entry.reading.typed
    case 'ruleChecked':
      return `a must-have ${entry.met ? 'kept' : 'missed'}`
    case 'noteMade':
      return `“${entry.text}”`
    case 'legTimed':
      return `leg ${entry.leg}, ${entry.time.typed}`
    default:
      return plain[entry.kind] ?? 'something recorded'
  }
}
</script>

<template>
  <div v-if="unsent.length" class="unsent heed" role="status">
    <p v-if="waiting > 0">
      <b>{{ waiting }} kept on this device, not sent yet.</b>
      {{ waiting === 1 ? 'It is sent by itself' : 'They are sent by themselves' }}
      <template v-if="shutOut"
        >when this device is let in again: <RouterLink to="/join">join with a code</RouterLink>.</template
      >
      <template v-else>when the connection is back.</template>
    </p>
    <p v-if="waiting < unsent.length"><b>Refused, and kept here until you decide.</b></p>
    <ul>
      <li v-for="u in unsent" :key="u.entry.id">
        {{ teamName(u.entry) }}: {{ says(u.entry) }}
        <template v-if="u.refusal">
          <span class="wrong">was refused. {{ u.refusal.title }} {{ u.refusal.detail }}</span>
          <Button
            v-if="closed(u)"
            :label="`Move to round ${u.entry.round + 1}`"
            size="small"
            @click="move(u.entry.id, u.entry.round + 1)"
          />
          <Button label="Let it go" size="small" variant="outlined" @click="drop(u.entry.id)" />
        </template>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.unsent {
  margin-bottom: 0.75rem;
}
</style>
