<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref, watch } from 'vue'
import type { Combined, OverAll } from '@/api/names'
import { numberIn } from '@/shared/numbers'

/** What decides the order, which teams stand in one list, and whether what does not compare has places all the same. */
const props = defineProps<{ all: OverAll; differs: boolean }>()
const emit = defineEmits<{ choose: [change: Partial<Combined>] }>()
const chosen = computed(() => props.all.chosen)
const by = [
  { label: 'Points or values', value: 'value' },
  { label: 'Points for the place in each class', value: 'placePoints' },
  { label: 'Share of the most points', value: 'share' },
]
const lists = [
  { label: 'One list', value: 'one' },
  { label: 'A list for each tier', value: 'tier' },
  { label: 'A list for each class', value: 'class' },
]
const points = ref('')
watch(
  () => chosen.value.placePoints,
  (now) => (points.value = now.join(', ')),
  { immediate: true },
)
/** The server says what is wrong with the points; what is no number is not sent. */
const wrong = ref(false)
function setPoints() {
  const read = points.value.split(',').map((p) => numberIn(p.trim()))
  wrong.value = read.some((p) => p === undefined)
  if (!wrong.value) emit('choose', { placePoints: read.filter((p) => p !== undefined) })
}
</script>

<template>
  <div class="choices">
    <Select
      v-if="props.all.figures.length > 1"
      :model-value="props.all.figure"
      :options="[...props.all.figures]"
      option-label="name"
      option-value="id"
      aria-label="In order of"
      @update:model-value="(figure: string) => emit('choose', { figure })"
    />
    <Select
      v-if="props.all.ranking"
      :model-value="chosen.by"
      :options="by"
      option-label="label"
      option-value="value"
      aria-label="Ranked by"
      @update:model-value="(to: Combined['by']) => emit('choose', { by: to })"
    />
    <Select
      :model-value="chosen.lists"
      :options="lists"
      option-label="label"
      option-value="value"
      aria-label="Lists"
      @update:model-value="(to: Combined['lists']) => emit('choose', { lists: to })"
    />
    <label v-if="props.all.ranking && chosen.by === 'placePoints'" class="points">
      Points from the first place on
      <InputText v-model="points" :invalid="wrong" @change="setPoints" />
      <span v-if="wrong" class="wrong small" role="alert">Write numbers with commas between, for example 5, 3, 1.</span>
    </label>
    <p v-else-if="chosen.by === 'share' && props.all.noShare" class="wrong small" role="alert">
      {{ props.all.noShare }} Totals are listed instead.
    </p>
    <label v-else-if="props.all.ranking && props.differs" class="points">
      <ToggleSwitch :model-value="chosen.anyway" @update:model-value="(anyway) => emit('choose', { anyway })" /> Give
      places anyway
    </label>
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
  border-block: var(--rule);
  padding-block: var(--space-4);
}
.points {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3);
  min-height: 44px;
}
</style>
