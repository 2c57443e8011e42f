<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'

/** In proportion between two values. */
defineProps<{ curve: CurveOf<'between'>; at: string; unit: string }>()
</script>

<template>
  : 0 at <InlineNumber v-model="curve.from" label="Value for no points" :at="`${at}/from`" wide />, rising to
  <InlineNumber v-model="curve.points" label="All points" :at="`${at}/points`" /> at
  <InlineNumber v-model="curve.to" label="Value for all points" :at="`${at}/to`" wide />.
</template>
