<script setup lang="ts">
import Button from 'primevue/button'
import type { Entry, Reference, TeamNamed } from '@/api/names'
import { computed } from 'vue'
import { keeps, type Unsent } from '@/shared/deviceStore'
import { entryWords } from './entryWords'
import type { Outbox } from '@/shared/useOutbox'

/** Entries that the server does not have yet: waiting for the connection, or refused when it came back. */
const props = defineProps<{
  outbox: Outbox
  rally: { teams: readonly Pick<TeamNamed, 'id' | 'name'>[]; references?: readonly Reference[] }
}>()
const { unsent, shutOut, stumbles, drop, move } = props.outbox
const waiting = computed(() => unsent.value.filter((u) => !u.refusal).length)
const closed = (u: Unsent) => u.refusal?.problems.some((p) => p.at === '/round')
const teamName = (entry: Entry) =>
  [...props.rally.teams, ...(props.rally.references ?? [])].find((t) => t.id === entry.team)?.name ?? 'The class'
</script>

<template>
  <p v-if="!keeps" class="unsent heed" role="status">
    <b>This device cannot keep anything by itself.</b> It sends all the same. Leave this page open until nothing waits;
    a private window or a full store may be why.
  </p>
  <div v-if="unsent.length" class="unsent heed" role="status">
    <p v-if="waiting > 0">
      <b>{{ waiting }} kept {{ keeps ? 'on this device' : 'in this window' }}, not sent yet.</b>
      {{ waiting === 1 ? 'It is sent by itself' : 'They are sent by themselves' }}
      <template v-if="shutOut"
        >when this device is let in again: <RouterLink to="/join">join with a code</RouterLink>.</template
      >
      <template v-else-if="stumbles">when the teacher’s computer can take it. {{ stumbles.title }}</template>
      <template v-else>when the connection is back.</template>
    </p>
    <p v-if="waiting < unsent.length"><b>Refused, and kept here until you decide.</b></p>
    <ul>
      <li v-for="u in unsent" :key="u.entry.id">
        {{ teamName(u.entry) }}: {{ entryWords(u.entry) }}
        <span v-if="u.entry.by" class="muted">by {{ u.entry.by }}</span>
        <template v-if="u.refusal">
          <span class="wrong">was refused. {{ u.refusal.title }} {{ u.refusal.detail }}</span>
          <Button
            v-if="closed(u)"
            :label="`Move to round ${u.entry.round + 1}`"
            class="touch"
            @click="move(u.entry.id, u.entry.round + 1)"
          />
          <Button label="Let it go" class="touch" variant="outlined" @click="drop(u.entry.id)" />
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
