<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import type { DaySlot, Problem } from '@/api/names'
import RowMenu from '@/shared/RowMenu.vue'
import SlotFields from './SlotFields.vue'

/** A rally in the plan of a day: its time, its place, its tables and who helps at each. */
const props = defineProps<{
  name: string
  at: number
  of: number
  problems: readonly Problem[]
  clashes: readonly Problem[]
}>()
const slot = defineModel<DaySlot>({ required: true })
const emit = defineEmits<{ move: [by: number]; remove: [] }>()
const most = 12
const change = (part: Partial<DaySlot>) => (slot.value = { ...slot.value, ...part })
const tables = computed(() => Math.min(most, Math.max(1, slot.value.tables)))
function help(table: number, who: string | undefined) {
  const helpers = Array.from({ length: tables.value }, (_, t) => slot.value.helpers[t] ?? '')
  helpers[table] = who ?? ''
  change({ helpers })
}
const actions = computed(() => [
  ...(props.at > 0 ? [{ label: 'Move up', act: () => emit('move', -1) }] : []),
  ...(props.at < props.of - 1 ? [{ label: 'Move down', act: () => emit('move', 1) }] : []),
  { label: 'Remove from the day', danger: true, act: () => emit('remove') },
])
</script>

<template>
  <li :aria-label="name">
    <div class="head">
      <h3>{{ name }}</h3>
      <RowMenu :of="name" :actions="actions" />
    </div>
    <div class="fields">
      <SlotFields :times="slot" :of="name" :problems="problems" @change="change" />
    </div>
    <div class="fields">
      <label v-for="t in tables" :key="t" class="field helper"
        >{{ tables === 1 ? 'Helper' : `Helper at table ${t}` }}
        <InputText
          maxlength="80"
          list="helpers"
          autocomplete="off"
          :model-value="slot.helpers[t - 1] ?? ''"
          :aria-label="`Helper at table ${t}, ${name}`"
          @update:model-value="help(t - 1, $event)"
        />
      </label>
    </div>
    <p v-for="p in problems" :key="p.what" class="wrong small" role="alert">{{ p.what }} {{ p.remedy }}</p>
    <p v-for="p in clashes" :key="p.what" class="heed small" role="status">{{ p.what }} {{ p.remedy }}</p>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-3);
  padding-block: var(--space-3) var(--space-4);
  border-bottom: var(--rule);
}
.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-4);
}
.helper {
  flex: 0 1 12rem;
}
.helper :deep(input) {
  width: 100%;
}
</style>
