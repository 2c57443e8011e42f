<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import type { ShapeOnPad } from '@/api/names'
import KeyRow from './KeyRow.vue'

/** An area is put together of shapes: choose one, write its lengths, add it to the others. */
defineProps<{ shapes: readonly ShapeOnPad[] }>()
const typed = defineModel<string>({ required: true })
const chosen = ref<ShapeOnPad>()
const lengths = ref<string[]>([])
function choose(shape: ShapeOnPad) {
  chosen.value = shape
  lengths.value = shape.lengths.map(() => '')
}
function put() {
  const shape = `${chosen.value?.name} ${lengths.value.map((l) => l.trim()).join(' x ')}`
  typed.value = typed.value.trim() ? `${typed.value.trim()} + ${shape}` : shape
  chosen.value = undefined
}
</script>

<template>
  <KeyRow label="Shapes">
    <PadButton
      v-for="shape in shapes"
      :key="shape.name"
      type="button"
      :label="shape.name"
      :variant="chosen === shape ? undefined : 'outlined'"
      :aria-pressed="chosen === shape"
      @click="choose(shape)"
    />
  </KeyRow>
  <p v-if="chosen" class="lengths" role="group" :aria-label="chosen.name">
    <label v-for="(length, i) in chosen.lengths" :key="length">
      {{ length }}
      <InputText v-model="lengths[i]" class="figures" inputmode="decimal" @keydown.enter.prevent="put" />
    </label>
    <PadButton type="button" label="Add it" class="touch" :disabled="lengths.some((l) => !l.trim())" @click="put" />
  </p>
</template>

<style scoped>
.lengths {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--space-3) var(--space-4);
}
.lengths label {
  display: grid;
  font-size: var(--size-small);
}
.lengths :deep(input) {
  width: 5rem;
  min-height: var(--touch);
}
</style>
