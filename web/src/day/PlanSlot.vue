<script setup lang="ts">
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import type { DaySlot, Problem } from '@/api/names'
import RowMenu from '@/shared/RowMenu.vue'

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
const time = (value: string | undefined) => (value ? `${value.slice(0, 5)}:00` : null)
const tables = computed(() => Math.min(most, Math.max(1, slot.value.tables)))
function help(table: number, who: string | undefined) {
  const helpers = Array.from({ length: tables.value }, (_, t) => slot.value.helpers[t] ?? '')
  helpers[table] = who ?? ''
  change({ helpers })
}
const wrong = (field: string) => props.problems.some((p) => p.at.endsWith(`/${field}`))
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
      <label class="field"
        >From
        <InputText
          type="time"
          :model-value="slot.from?.slice(0, 5) ?? ''"
          :aria-label="`From, ${name}`"
          :invalid="wrong('from')"
          @update:model-value="change({ from: time($event) })"
        />
      </label>
      <label class="field"
        >To
        <InputText
          type="time"
          :model-value="slot.to?.slice(0, 5) ?? ''"
          :aria-label="`To, ${name}`"
          :invalid="wrong('to')"
          @update:model-value="change({ to: time($event) })"
        />
      </label>
      <label class="field grows"
        >Where
        <InputText
          maxlength="80"
          :model-value="slot.where"
          :aria-label="`Where, ${name}`"
          @update:model-value="change({ where: $event ?? '' })"
        />
      </label>
      <label class="field"
        >Tables
        <InputNumber
          show-buttons
          :min="1"
          :max="most"
          :model-value="slot.tables"
          :input-props="{ 'aria-label': `Tables, ${name}` }"
          :invalid="wrong('tables')"
          @update:model-value="change({ tables: $event ?? 1 })"
        />
      </label>
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
.grows {
  flex: 1 1 12rem;
  max-width: 24rem;
}
.helper {
  flex: 0 1 12rem;
}
.fields :deep(input) {
  width: 100%;
}
.fields :deep(.p-inputnumber) {
  width: 6.5rem;
}
</style>
