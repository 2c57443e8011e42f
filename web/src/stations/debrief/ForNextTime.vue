<script setup lang="ts">
import Button from 'primevue/button'
import { watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Entry } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import { useDraft } from '@/shared/useDraft'
import { useLoad } from '@/shared/useLoad'
import type { Sent } from '@/shared/useOutbox'
import { singly } from '@/shared/singly'

/**
 * What the rally leaves for whoever runs the brief again: notes, real minutes, what was missing. It comes back beside
 * the brief.
 */
const props = defineProps<{ record: (entry: Entry) => Promise<Sent> }>()
const { rally, round, tick } = useRally()
const memory = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/memory', { params: { path: { id: rally.value?.id ?? '' } } })),
)
watch(tick, () => void memory.load(), { immediate: true })
const emit = defineEmits<{ strike: [entry: string] }>()
const { draft: text } = useDraft(() => '', `note:${rally.value?.id ?? ''}`)
async function note() {
  const words = text.value.trim()
  if (!words) return
  const sent = await props.record(written('', round.value, { kind: 'noteMade', text: words }))
  if (sent.kind !== 'refused' && text.value.trim() === words) text.value = ''
}
</script>

<template>
  <section aria-labelledby="next-time">
    <h2 id="next-time">For next time</h2>
    <p class="small muted">Notes come back beside the brief, under Last time, and searching the briefs finds them.</p>
    <LoadNote
      v-if="!memory.data.value"
      :state="memory.state.value"
      :refusal="memory.refusal.value"
      what="what is noted"
      @again="memory.load"
    />
    <ul v-else>
      <li v-for="n in memory.data.value.notes.filter((o) => !o.question)" :key="n.entry">
        <span>{{ n.text }}</span>
        <button type="button" class="act small" :aria-label="`Remove: ${n.text}`" @click="emit('strike', n.entry)">
          Remove
        </button>
      </li>
      <li v-for="m in memory.data.value.missing" :key="m">Missing: {{ m }}</li>
      <li v-for="l in memory.data.value.loads" :key="l">{{ l }}</li>
    </ul>
    <form novalidate @submit.prevent="singly(note)">
      <input
        v-model="text"
        class="touch-field"
        maxlength="4000"
        aria-label="A note for next time"
        placeholder="hinge: use wire"
      />
      <Button type="submit" label="Add note" variant="outlined" aria-label="Add note for next time" />
    </form>
    <table v-if="memory.data.value && memory.data.value.phases.length > 0" class="rows">
      <caption class="small muted">
        Minutes, as the clock ran
      </caption>
      <thead>
        <tr>
          <th scope="col">Phase</th>
          <th scope="col">Planned</th>
          <th scope="col">Actual</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in memory.data.value.phases" :key="p.phase">
          <th scope="row">{{ p.name }}</th>
          <td class="figures">{{ p.planned }}</td>
          <td class="figures">{{ p.took }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-6);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-5);
  padding: var(--space-2) 0;
  overflow-wrap: anywhere;
}
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-3);
  padding-block: var(--space-3);
}
</style>
