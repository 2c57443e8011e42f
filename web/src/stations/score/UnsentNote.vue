<script setup lang="ts">
import Button from 'primevue/button'
import type { Entry, RallyOpened } from '../../api/names'
import type { Unsent } from '../../shared/useOutbox'

/** Entries that the server does not have yet: waiting for the connection, or refused when it came back. */
const props = defineProps<{ unsent: readonly Unsent[]; rally: RallyOpened }>()
defineEmits<{ drop: [id: string] }>()
const teamName = (entry: Entry) => props.rally.teams.find((t) => t.id === entry.team)?.name ?? 'The class'
const says = (entry: Entry) => {
  switch (entry.kind) {
    case 'trialRecorded':
      return entry.outcome === 'counted' ? entry.readings.map((r) => r.typed).join(', ') : entry.outcome
    case 'measureRead':
      return entry.reading.typed
    case 'ruleChecked':
      return `a must-have ${entry.met ? 'kept' : 'missed'}`
    case 'struckOut':
      return 'a strike'
    default:
      return 'something recorded'
  }
}
</script>

<template>
  <div v-if="unsent.length" class="unsent" role="status">
    <p><b>Kept on this device, not sent yet.</b> It is sent by itself when the connection is back.</p>
    <ul>
      <li v-for="u in unsent" :key="u.entry.id">
        {{ teamName(u.entry) }}: {{ says(u.entry) }}
        <template v-if="u.refusal">
          <span class="wrong">was refused. {{ u.refusal.title }} {{ u.refusal.detail }}</span>
          <Button label="Let it go" size="small" variant="outlined" @click="$emit('drop', u.entry.id)" />
        </template>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.unsent {
  background: var(--marigold-wash);
  border: 2px dashed var(--marigold);
  padding: 0.6rem 1rem;
  margin-bottom: 0.75rem;
}
</style>
