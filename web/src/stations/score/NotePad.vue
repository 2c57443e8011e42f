<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { onBeforeUnmount } from 'vue'
import { written } from '@/shared/entries'
import { useDraft } from '@/shared/useDraft'
import { useDraftKey, useRecording } from '@/pads/recording'
import { usualNotes } from './usualNotes'

/**
 * Something seen while walking past: a usual one is one touch. Notes change no score. One that is half typed stays with
 * its team.
 */
const { team, round, record, recordTyped } = useRecording()
const usual = usualNotes
const { draft: text, follow } = useDraft(() => '', useDraftKey('note'))
const noted = (what: string) => written(team.value, round.value, { kind: 'noteMade', text: what })
let gone = false
onBeforeUnmount(() => (gone = true))
async function add() {
  const what = text.value
  if (!what.trim()) return
  follow()
  await recordTyped(() => {
    if (gone || text.value) return false
    text.value = what
    return true
  }, noted(what))
}
</script>

<template>
  <section aria-labelledby="notes">
    <h3 id="notes">Observations</h3>
    <div class="usual">
      <PadButton v-for="u in usual" :key="u" :label="u" variant="outlined" size="small" @click="record(noted(u))" />
    </div>
    <form novalidate @submit.prevent="add">
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
