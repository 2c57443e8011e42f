<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { EntryAside } from '@/api/names'
import { struckOut } from '@/shared/entries'
import { entryWords } from './entryWords'

/** Entries that are kept and not scored: what each says, what is wrong with it, and a way to be done with it. */
const props = defineProps<{ rally: string; aside: readonly EntryAside[] }>()
const wrong = ref('')

/** A strike names an id; where two entries share one, it would strike the good one too. */
const mayStrike = (a: EntryAside) => !a.problems.some((p) => p.at.endsWith('/id'))

async function strike({ entry }: EntryAside) {
  const body = struckOut(entry.team, entry.round, entry.id, 'set aside')
  const answer = await ask(api.POST('/api/rallies/{id}/entries', { params: { path: { id: props.rally } }, body }))
  if (answer.ok) wrong.value = ''
  else if (answer.offline) wrong.value = 'Plucky Rally does not answer. Try it again in a moment.'
  else wrong.value = `${answer.refusal.title ?? ''} ${answer.refusal.detail ?? ''}`
}
</script>

<template>
  <details class="aside not-on-paper">
    <summary>
      {{ aside.length === 1 ? '1 entry is' : `${aside.length} entries are` }} set aside: kept, and not scored.
    </summary>
    <ul>
      <li v-for="a in aside" :key="a.entry.id">
        <p>
          <b>{{ a.name }}, round {{ a.entry.round }}: {{ entryWords(a.entry) }}</b>
          <span v-if="a.entry.by" class="small muted"> · {{ a.entry.by }}</span>
          <span v-for="p in a.problems" :key="p.at + p.what" class="small says">{{ p.what }} {{ p.remedy }}</span>
        </p>
        <PadButton v-if="mayStrike(a)" label="Cross it out" variant="outlined" @click="strike(a)" />
      </li>
    </ul>
    <p v-if="wrong" role="alert" class="wrong">{{ wrong }}</p>
  </details>
</template>

<style scoped>
.aside {
  background: var(--marigold-wash);
  border-block: 2px dashed var(--marigold);
  padding: var(--space-3) var(--space-6);
}
summary {
  cursor: pointer;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-5);
  padding: var(--space-3) 0;
  overflow-wrap: anywhere;
}
.says {
  display: block;
}
</style>
