<script setup lang="ts">
import { computed } from 'vue'
import type { Curve } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import { namesOf } from '@/fields/pairs'
import { anyOf } from '@/shared/shows'
import { curves } from './curves'
import type { Scored } from './kind'

/** How a value becomes points, as a sentence. */
defineProps<{ at: string; of?: Scored }>()
const curve = defineModel<Curve>({ required: true })
const kind = computed({
  get: () => curve.value.kind,
  set: (value) => (curve.value = curves[value].fresh()),
})
</script>

<template>
  <div class="line">
    Points:
    <InlineChoice v-model="kind" label="How points are scored" :at="`${at}/kind`" :options="namesOf(curves)" />
    <span :data-at="at" tabindex="-1"></span>
    <component
      :is="anyOf(curves[curve.kind].fields)"
      :key="curve.kind"
      :curve="curve"
      :at="at"
      :of="of ?? { unit: '' }"
    />
  </div>
</template>
