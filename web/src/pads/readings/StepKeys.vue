<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { JudgeMeasure } from '@/api/names'
import KeyRow from './KeyRow.vue'
import PlanLine from './PlanLine.vue'

/** Counting on: one more, one less, a roll more, and what comes next by the loading plan. */
defineProps<{ measure: JudgeMeasure; placements: readonly number[] }>()
const typed = defineModel<string>({ required: true })
/** What is typed as one number; nothing where it is a sum, which is only added to. */
const plain = computed(() => (/^\s*\d*\s*$/.test(typed.value) ? Number(typed.value) : undefined))
function add(n: number) {
  if (plain.value !== undefined) typed.value = String(Math.max(0, plain.value + n))
  else typed.value = `${typed.value.trim()} + ${n}`
}
</script>

<template>
  <KeyRow :label="`Count ${measure.name}`">
    <PadButton
      type="button"
      label="−1"
      variant="outlined"
      :aria-label="`−1 ${measure.name}`"
      :disabled="plain === undefined"
      @click="add(-1)"
    />
    <PadButton type="button" label="+1" variant="outlined" :aria-label="`+1 ${measure.name}`" @click="add(1)" />
    <PadButton type="button" label="+5" variant="outlined" :aria-label="`+5 ${measure.name}`" @click="add(5)" />
    <PadButton
      v-if="measure.roll > 0"
      type="button"
      :label="`+roll of ${measure.roll}`"
      variant="outlined"
      :aria-label="`+roll of ${measure.roll} ${measure.name}`"
      @click="add(measure.roll)"
    />
  </KeyRow>
  <p v-if="placements.length > 0 && plain !== undefined" class="figures" role="status">
    <PlanLine :placements="placements" :pieces="plain" />
  </p>
</template>
