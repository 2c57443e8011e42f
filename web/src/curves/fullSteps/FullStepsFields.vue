<script setup lang="ts">
import { computed } from 'vue'
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'

/** Points for each full step above or below a value. */
const props = defineProps<{ curve: CurveOf<'fullSteps'>; at: string; of: Scored }>()
const side = computed({
  get: () => (props.curve.down ? 'below' : 'above'),
  set: (value) => (props.curve.down = value === 'below'),
})
</script>

<template>
  : <InlineNumber v-model="curve.points" label="Points for each full step" :at="`${at}/points`" /> for each full
  <InlineNumber v-model="curve.each" label="How much one step is" :at="`${at}/each`" wide /> {{ of.unit }}
  <InlineChoice
    v-model="side"
    label="Which way the steps go"
    :at="`${at}/down`"
    :options="[
      ['above', 'above'],
      ['below', 'below'],
    ]"
  />
  <InlineNumber v-model="curve.from" label="Where the steps begin" :at="`${at}/from`" wide /> {{ of.unit }}.
</template>
