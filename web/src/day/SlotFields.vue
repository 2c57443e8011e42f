<script setup lang="ts">
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import type { ClassOfFair, Problem } from '@/api/names'

type Times = Pick<ClassOfFair, 'from' | 'to' | 'where' | 'tables'>

/** When and where a rally of a fair day is, and at how many tables. */
const props = defineProps<{ times: Times; of: string; problems: readonly Problem[] }>()
const emit = defineEmits<{ change: [part: Partial<Times>] }>()
const most = 12
const time = (value: string | undefined) => (value ? `${value.slice(0, 5)}:00` : null)
const wrong = (field: string) => props.problems.some((p) => p.at.endsWith(`/${field}`))
</script>

<template>
  <label class="field"
    >From
    <InputText
      type="time"
      :model-value="times.from?.slice(0, 5) ?? ''"
      :aria-label="`From, ${of}`"
      :invalid="wrong('from')"
      @update:model-value="emit('change', { from: time($event) })"
    />
  </label>
  <label class="field"
    >To
    <InputText
      type="time"
      :model-value="times.to?.slice(0, 5) ?? ''"
      :aria-label="`To, ${of}`"
      :invalid="wrong('to')"
      @update:model-value="emit('change', { to: time($event) })"
    />
  </label>
  <label class="field where"
    >Where
    <InputText
      maxlength="80"
      :model-value="times.where"
      :aria-label="`Where, ${of}`"
      @update:model-value="emit('change', { where: $event ?? '' })"
    />
  </label>
  <label class="field tables"
    >Tables
    <InputNumber
      show-buttons
      :min="1"
      :max="most"
      :model-value="times.tables"
      :input-props="{ 'aria-label': `Tables, ${of}` }"
      :invalid="wrong('tables')"
      @update:model-value="emit('change', { tables: $event ?? 1 })"
    />
  </label>
</template>

<style scoped>
.where {
  flex: 0 1 16rem;
}
.where :deep(input) {
  width: 100%;
}
.tables :deep(.p-inputnumber) {
  width: 6.5rem;
}
.tables :deep(input) {
  width: 100%;
}
</style>
