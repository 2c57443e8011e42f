<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { useId } from 'vue'
import type { Measure, Problem } from '../../api/names'

/** One reading as a judge types it, with what would do. */
defineProps<{ measure: Measure; forms: readonly string[]; problem?: Problem; mayBound?: boolean }>()
const typed = defineModel<string>({ required: true })
const atLeast = defineModel<boolean>('atLeast', { default: false })
const id = useId()
</script>

<template>
  <div class="reading">
    <label :for="id">{{ measure.name || measure.id }}</label>
    <div
      v-if="measure.kind === 'yesNo' || measure.kind === 'level'"
      class="words"
      role="group"
      :aria-label="measure.name"
    >
      <Button
        v-for="word in forms"
        :key="word"
        :label="word"
        :variant="typed === word ? undefined : 'outlined'"
        :aria-pressed="typed === word"
        class="touch"
        @click="typed = word"
      />
    </div>
    <div v-else class="typed">
      <InputText
        :id="id"
        v-model="typed"
        class="figures"
        autocomplete="off"
        enterkeyhint="done"
        :invalid="!!problem"
        :aria-describedby="`${id}-hint`"
      />
      <span class="unit">{{ measure.unit }}</span>
      <Button
        v-if="mayBound"
        label="at least"
        type="button"
        class="touch"
        :variant="atLeast ? undefined : 'outlined'"
        :aria-pressed="atLeast"
        @click="atLeast = !atLeast"
      />
    </div>
    <p :id="`${id}-hint`" class="small" :class="problem ? 'wrong' : 'muted'" :role="problem ? 'alert' : undefined">
      <template v-if="problem">{{ problem.what }} {{ problem.remedy }}</template>
      <template v-else-if="measure.how">{{ measure.how }}</template>
      <template v-else>{{ forms.join('   ') }}</template>
    </p>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  min-width: 0;
  gap: 0.25rem;
}
label {
  font-weight: 650;
}
.typed {
  display: flex;
  align-items: center;
  gap: 0.75rem;
}
.typed :deep(input) {
  font-size: 1.6rem;
  min-height: 56px;
  flex: 0 1 11rem;
  width: 6rem;
  min-width: 0;
}
.unit {
  font-size: 1.25rem;
  min-width: 2rem;
}
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.touch {
  min-height: var(--touch);
}
</style>
