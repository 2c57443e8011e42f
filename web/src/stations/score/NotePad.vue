<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { ref } from 'vue'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import { usualNotes } from './usualNotes'

/** Something seen while walking past: a usual one is one touch. Notes change no score. */
const { team, round, record } = useRecording()
const usual = usualNotes
const text = ref('')
async function note(what: string) {
  if (!what.trim()) return
  const sent = await record(written(team.value, round.value, { kind: 'noteMade', text: what }))
  if (sent.kind !== 'refused') text.value = ''
}
</script>

<template>
  <section aria-labelledby="notes">
    <h3 id="notes">Observations</h3>
    <div class="usual">
      <PadButton v-for="u in usual" :key="u" :label="u" variant="outlined" size="small" @click="note(u)" />
    </div>
    <form novalidate @submit.prevent="note(text)">
      <input
        v-model="text"
        class="touch-field"
        aria-label="A note in your words"
        placeholder="in your words"
        maxlength="4000"
      />
      <PadButton type="submit" label="Add note" variant="outlined" />
    </form>
  </section>
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
.usual {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  padding: var(--space-3) 0;
}
.usual :deep(button),
form :deep(button) {
  min-height: var(--touch);
}
form {
  display: flex;
  gap: var(--space-3);
}
input {
  flex: 1;
  min-width: 0;
}
</style>
