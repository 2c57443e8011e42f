<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import InputText from 'primevue/inputtext'
import { useId } from 'vue'
import type { JudgeMeasure, MeasurePad, Problem } from '@/api/names'
import FractionKeys from './FractionKeys.vue'
import ShapeKeys from './ShapeKeys.vue'
import StepKeys from './StepKeys.vue'
import WatchKeys from './WatchKeys.vue'
import WeightKeys from './WeightKeys.vue'

/** One reading: the field that is typed into, and the pad that fits the measure. */
const props = defineProps<{
  measure: JudgeMeasure
  pad: MeasurePad
  forms: readonly string[]
  problem?: Problem
  mayBound?: boolean
}>()
const emit = defineEmits<{ sure: [] }>()
const typed = defineModel<string>({ required: true })
const atLeast = defineModel<boolean>('atLeast', { default: false })
const id = useId()
/** Asked about an unlikely value, a judge may say that it is right. */
const asksSure = () => props.problem?.at.endsWith('/sure') ?? false
</script>

<template>
  <div class="reading">
    <label :for="id">{{ measure.name || measure.id }}</label>
    <div v-if="pad.kind === 'words'" class="words" role="group" :aria-label="measure.name">
      <PadButton
        v-for="word in forms"
        :key="word"
        :label="word"
        :variant="typed === word ? undefined : 'outlined'"
        :aria-pressed="typed === word"
        class="touch"
        @click="typed = word"
      />
    </div>
    <template v-else>
      <div class="typed">
        <InputText
          :id="id"
          v-model="typed"
          class="figures"
          data-reading
          autocomplete="off"
          enterkeyhint="done"
          :invalid="!!problem"
          :aria-describedby="`${id}-hint`"
        />
        <span class="unit">{{ measure.unit }}</span>
        <PadButton
          v-if="mayBound"
          label="at least"
          type="button"
          class="touch"
          data-key="at-least"
          data-hint="Alt L"
          :variant="atLeast ? undefined : 'outlined'"
          :aria-pressed="atLeast"
          @click="atLeast = !atLeast"
        />
      </div>
      <ShapeKeys v-if="pad.kind === 'shapes'" v-model="typed" :shapes="pad.shapes" />
      <FractionKeys v-else-if="pad.fractions.length > 0" v-model="typed" :fractions="pad.fractions" />
      <StepKeys v-else-if="pad.kind === 'count'" v-model="typed" :measure="measure" :placements="pad.placements" />
      <WeightKeys v-else-if="pad.kind === 'weights'" v-model="typed" :measure="measure" :placements="pad.placements" />
      <WatchKeys v-else-if="pad.kind === 'watch'" v-model="typed" :measure="measure" />
    </template>
    <p v-if="measure.tare > 0" class="small muted">
      The container’s {{ measure.tare }} {{ measure.unit }} are taken off what you type.
    </p>
    <slot />
    <p :id="`${id}-hint`" class="small" :class="problem ? 'wrong' : 'muted'" :role="problem ? 'alert' : undefined">
      <template v-if="problem">{{ problem.what }} {{ problem.remedy }}</template>
      <template v-else-if="measure.how">{{ measure.how }}</template>
      <template v-else>{{ forms.join(' · ') }}</template>
    </p>
    <PadButton v-if="asksSure()" type="button" label="It is right, record it" class="touch" @click="emit('sure')" />
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  min-width: 0;
  gap: var(--space-2);
}
label {
  font-weight: 650;
}
.typed {
  display: flex;
  align-items: center;
  gap: var(--space-4);
}
.typed :deep(input) {
  font-size: var(--size-number);
  min-height: 56px;
  flex: 1 1 6rem;
  max-width: 18rem;
  width: 6rem;
  min-width: 0;
}
.unit {
  font-size: var(--size-section);
  min-width: 2rem;
}
.words {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
</style>
