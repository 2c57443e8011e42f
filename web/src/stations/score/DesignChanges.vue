<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { SheetDesign } from '@/api/names'
import { useDraftKey, useRecording } from '@/pads/recording'
import { designNoted } from '@/shared/entries'
import { singly } from '@/shared/singly'
import { useDraft } from '@/shared/useDraft'
import DesignLabels from './DesignLabels.vue'

/** What was changed on a design, how it is described, and another design of the team's. */
const props = defineProps<{ rally: string; design: SheetDesign; wanted: string }>()
const emit = defineEmits<{ added: [design: string] }>()
const { team, round, record } = useRecording()
/** What is half typed stays with its team and design. */
const typed = (field: string, begun = () => '') => useDraft(begun, useDraftKey(`${props.design.name}:${field}`)).draft
const name = typed('name')
/** What they wanted to change stands there already; it is noted only when it was done. */
const changed = typed('changed', () => (props.design.changed ? '' : props.wanted))
const also = typed('also')
const called = typed('called')
/** It stays open from one design of a team to the next; what they wanted to change opens it by itself. */
const open = defineModel<boolean>('open')
if (changed.value) open.value = true
async function add() {
  const design = name.value.trim()
  if (!design) return
  const sent = await record(designNoted(team.value, round.value, { name: design, revision: 1 }))
  if (sent.kind === 'refused') return
  emit('added', design)
  name.value = ''
}
async function noteChange() {
  const words = changed.value.trim()
  if (!words) return
  const sent = await record(
    designNoted(team.value, round.value, props.design, { changed: words, also: also.value.trim() }),
  )
  if (sent.kind !== 'refused') changed.value = also.value = ''
}
async function call() {
  const words = called.value.trim()
  if (!words) return
  const sent = await record(designNoted(team.value, round.value, props.design, { called: words }))
  if (sent.kind !== 'refused') called.value = ''
}
</script>

<template>
  <details class="small" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>Another design, a change, or a description</summary>
    <div class="row">
      <label>
        What was changed
        <input v-model="changed" class="touch-field" @keydown.enter.prevent="singly(noteChange)" />
      </label>
      <label>
        What else changed, if anything
        <input v-model="also" class="touch-field" @keydown.enter.prevent="singly(noteChange)" />
      </label>
      <PadButton type="button" label="Save change" variant="outlined" @click="singly(noteChange)" />
    </div>
    <div class="row">
      <label>
        {{ design.called ? `Another name for “${design.called}”` : 'A name for this design' }}
        <input v-model="called" class="touch-field" maxlength="60" @keydown.enter.prevent="singly(call)" />
      </label>
      <PadButton type="button" label="Save name" variant="outlined" @click="singly(call)" />
    </div>
    <div class="row">
      <label>
        Name of another design
        <input v-model="name" class="touch-field" maxlength="60" @keydown.enter.prevent="singly(add)" />
      </label>
      <PadButton type="button" label="Add the design" variant="outlined" @click="singly(add)" />
    </div>
    <DesignLabels v-if="open" :rally="rally" :design="design" />
  </details>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--space-3);
  padding-top: var(--space-3);
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
