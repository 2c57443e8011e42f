<script setup lang="ts">
import type { Entry, Reference, TeamNamed } from '@/api/names'
import { computed } from 'vue'
import { keeps, type Unsent } from '@/shared/deviceStore'
import { entryWords } from './entryWords'
import RefusedLines from './RefusedLines.vue'
import type { Outbox } from '@/shared/useOutbox'

/**
 * Entries that the server does not have yet: waiting for the connection, or refused when it came back. What waits is
 * said at the foot of the window, since it comes and goes with every press: above the pad it would move what lies under
 * the finger.
 */
const props = defineProps<{
  outbox: Outbox
  rally: { teams: readonly Pick<TeamNamed, 'id' | 'name'>[]; references?: readonly Reference[] }
  /** Whether the page shows a refused entry itself, beside its field. */
  here?: (entry: Entry) => boolean
}>()
const { unsent, shutOut, stumbles } = props.outbox
const waiting = computed(() => unsent.value.filter((u) => !u.refusal))
const refused = computed(() => unsent.value.filter((u) => u.refusal && !props.here?.(u.entry)))
const teamName = (entry: Entry) =>
  [...props.rally.teams, ...(props.rally.references ?? [])].find((t) => t.id === entry.team)?.name ?? 'The class'
const whose = ({ entry }: Unsent) => `${teamName(entry)}: `
const describe = ({ entry }: Unsent) => `${teamName(entry)}: ${entryWords(entry)}${entry.by ? `, by ${entry.by}` : ''}`
</script>

<template>
  <p v-if="!keeps" class="unsent heed" role="status">
    <b>This device cannot keep anything by itself.</b> It sends anyway. Leave this page open until nothing waits; a
    private window or a full store may be why.
  </p>
  <RefusedLines class="unsent" :refused="refused" :outbox="outbox" :whose="whose" />
  <Teleport v-if="waiting.length > 0" defer to="#main">
    <div class="waiting if-it-lasts not-on-paper">
      <p role="status">
        <b>{{ waiting.length }} kept {{ keeps ? 'on this device' : 'in this window' }}, not sent yet.</b>
        {{ waiting.length === 1 ? 'It is sent automatically' : 'They are sent automatically' }}
        <template v-if="shutOut"
          >when this device is let in again: <RouterLink to="/join">join with a code</RouterLink>.</template
        >
        <template v-else-if="stumbles">when the teacher’s computer can take it. {{ stumbles.title }}</template>
        <template v-else>when the connection is back.</template>
      </p>
      <details>
        <summary>Show</summary>
        <ul>
          <li v-for="u in waiting" :key="u.entry.id">{{ describe(u) }}</li>
        </ul>
      </details>
    </div>
  </Teleport>
</template>

<style scoped>
.unsent {
  margin-bottom: var(--space-4);
}
.waiting {
  position: sticky;
  bottom: 0;
  z-index: 3;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  justify-content: center;
  padding: var(--space-3) var(--space-5);
  background: var(--marigold-wash);
  border-top: 1.5px solid var(--ink);
}
.waiting summary {
  min-height: 24px;
  cursor: pointer;
  text-decoration: underline;
}
.waiting ul {
  max-height: 40vh;
  overflow-y: auto;
}
</style>
