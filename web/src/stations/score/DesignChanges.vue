<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { SheetDesign } from '@/api/names'
import { useRecording } from '@/pads/recording'
import { designNoted } from '@/shared/entries'

/** What was changed on a design, and another design of the team's. */
const props = defineProps<{ design: SheetDesign; wanted: string }>()
const emit = defineEmits<{ added: [design: string] }>()
const { team, round, record } = useRecording()
const name = ref('')
/** What they wanted to change stands there already; it is noted only when it was done. */
const changed = ref(props.design.changed ? '' : props.wanted)
async function add() {
  const design = name.value.trim()
  if (!design) return
  const sent = await record(designNoted(team.value, round.value, { name: design, revision: 1 }))
  if (sent.kind === 'refused') return
  emit('added', design)
  name.value = ''
}
async function noteChange() {
  const says = changed.value.trim()
  if (!says) return
  const sent = await record(designNoted(team.value, round.value, props.design, { changed: says }))
  if (sent.kind !== 'refused') changed.value = ''
}
</script>

<template>
  <details class="small" :open="changed.length > 0 && changed === wanted">
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
</template>

<style scoped>
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
