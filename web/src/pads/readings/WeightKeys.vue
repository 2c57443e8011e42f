<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { JudgeMeasure } from '@/api/names'
import KeyRow from './KeyRow.vue'
import PlanLine from './PlanLine.vue'

/**
 * Weights laid on one by one, by five or by the roll: how many and how heavy at once, and what comes next by the plan.
 */
const props = defineProps<{ measure: JudgeMeasure; placements: readonly number[] }>()
const typed = defineModel<string>({ required: true })

/**
 * The terms of what is typed: so many of a weight, or something else that is left as it is, such as a mass off a scale.
 */
const terms = computed(() =>
  typed.value
    .split('+')
    .filter((text) => text.trim())
    .map((text) => {
      const [, count, called] = /^\s*(\d+)\s*(.*?)\s*$/.exec(text) ?? []
      const weight = props.measure.weights.find(
        (w, i) => called === w.name || called === `${w.name}s` || (called === '' && i === 0),
      )
      return { text: text.trim(), weight: weight?.name, count: Number(count) }
    }),
)
const counts = computed(() =>
  Object.fromEntries(
    props.measure.weights.map((w) => [w.name, terms.value.find((t) => t.weight === w.name)?.count ?? 0]),
  ),
)
const pieces = computed(() => Object.values(counts.value).reduce((sum, n) => sum + n, 0))
const grams = computed(() =>
  props.measure.weights.reduce((sum, w) => sum + (counts.value[w.name] ?? 0) * (w.gramsEach ?? 0), 0),
)
function add(name: string, n: number) {
  const now = { ...counts.value, [name]: Math.max(0, (counts.value[name] ?? 0) + n) }
  const counted = props.measure.weights
    .filter((w) => (now[w.name] ?? 0) > 0 || props.measure.weights.length === 1)
    .map((w) => `${now[w.name] ?? 0} ${w.name}`)
  typed.value = [...counted, ...terms.value.filter((t) => !t.weight).map((t) => t.text)].join(' + ')
}
</script>

<template>
  <KeyRow v-for="w in measure.weights" :key="w.name" :label="w.name">
    <span class="name">{{ w.name }}</span>
    <PadButton type="button" label="−1" variant="outlined" :aria-label="`−1 ${w.name}`" @click="add(w.name, -1)" />
    <PadButton type="button" label="+1" variant="outlined" :aria-label="`+1 ${w.name}`" @click="add(w.name, 1)" />
    <PadButton type="button" label="+5" variant="outlined" :aria-label="`+5 ${w.name}`" @click="add(w.name, 5)" />
    <PadButton
      v-if="w.roll > 0"
      type="button"
      :label="`+roll of ${w.roll}`"
      variant="outlined"
      :aria-label="`+roll of ${w.roll} ${w.name}`"
      @click="add(w.name, w.roll)"
    />
  </KeyRow>
  <p class="figures load" role="status">
    <b>{{ pieces }} on, {{ Math.round(grams * 10) / 10 }} g</b>
    <PlanLine :placements="placements" :pieces="pieces" />
  </p>
</template>

<style scoped>
.name {
  min-width: 4rem;
}
.load {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
}
</style>
