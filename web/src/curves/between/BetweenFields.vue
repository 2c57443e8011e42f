<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineAmount from '@/fields/InlineAmount.vue'
import InlineNumber from '@/fields/InlineNumber.vue'

/** In proportion between two values. */
defineProps<{ curve: CurveOf<'between'>; at: string; of: Scored }>()
</script>

<template>
  : 0 at <InlineAmount v-model="curve.from" label="Value for no points" :levels="of.levels" :at="`${at}/from`" wide />,
  rising to <InlineNumber v-model="curve.points" label="All points" :at="`${at}/points`" /> at
  <InlineAmount v-model="curve.to" label="Value for all points" :levels="of.levels" :at="`${at}/to`" wide />.
</template>
