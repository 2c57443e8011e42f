<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'

/** A share of what the best team has. */
defineProps<{ curve: CurveOf<'shareOfBest'>; at: string; unit: string }>()
</script>

<template>
  : the best team gets <InlineNumber v-model="curve.points" label="Points of the best" :at="`${at}/points`" />, the
  others in proportion.
</template>
