<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { SheetDesign } from '../../api/names'
import { written } from '../../shared/entries'
import { useRecording } from './recording'

/** The designs of a team: which one is being tried, what has changed on it, which one counts. */
const props = defineProps<{ designs: readonly SheetDesign[]; named: boolean }>()
const chosen = defineModel<string>({ required: true })
const { team, round, record } = useRecording()
const adding = ref(false)
const name = ref('')
const changed = ref('')
const current = () => props.designs.find((d) => d.name === chosen.value)

const note = (says: { design: string; revision: number; changed: string; named: boolean }) =>
  record(written(team.value, round.value, { kind: 'designNoted', labels: {}, ...says }))
async function add() {
  const design = name.value.trim()
  if (!design) return
  const sent = await note({ design, revision: 1, changed: '', named: false })
  if (sent.kind === 'refused') return
  chosen.value = design
  name.value = ''
  adding.value = false
}
async function noteChange() {
  const now = current()
  if (!now || !changed.value.trim()) return
  const sent = await note({ design: now.name, revision: now.revision, changed: changed.value.trim(), named: false })
  if (sent.kind !== 'refused') changed.value = ''
}
</script>

<template>
  <div class="designs">
    <div v-if="designs.length > 1" class="row" role="group" aria-label="Design">
      <Button
        v-for="d in designs"
        :key="d.name"
        type="button"
        :label="`${d.name || 'First design'}${d.counts ? ', counts' : ''}`"
        :aria-pressed="d.name === chosen"
        :variant="d.name === chosen ? undefined : 'outlined'"
        @click="chosen = d.name"
      />
      <Button
        v-if="named && !current()?.counts"
        type="button"
        label="The team names this one"
        variant="outlined"
        @click="note({ design: chosen, revision: current()?.revision ?? 1, changed: '', named: true })"
      />
    </div>
    <p v-if="current()?.freshBuild" class="heed" role="status">
      The last build failed: this attempt is made with a fresh build, number {{ current()?.revision }}.
    </p>
    <p v-if="current()?.changed" class="small">Changed: {{ current()?.changed }}</p>
    <details class="small">
      <summary>Another design, or a change</summary>
      <div class="row">
        <label>
          What was changed
          <input v-model="changed" class="touch-field" @keydown.enter.prevent="noteChange" />
        </label>
        <Button type="button" label="Note the change" variant="outlined" @click="noteChange" />
      </div>
      <div class="row">
        <label>
          Another design is called
          <input v-model="name" class="touch-field" maxlength="60" @keydown.enter.prevent="add" />
        </label>
        <Button type="button" label="Add the design" variant="outlined" @click="add" />
      </div>
    </details>
  </div>
</template>

<style scoped>
.designs {
  display: grid;
  gap: 0.4rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.5rem;
  padding-top: 0.4rem;
}
.row :deep(button) {
  min-height: var(--touch);
}
label {
  display: grid;
}
summary {
  min-height: 32px;
  cursor: pointer;
}
</style>
