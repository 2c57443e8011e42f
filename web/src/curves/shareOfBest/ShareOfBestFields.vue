<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineNumber from '@/fields/InlineNumber.vue'

/** A share of what the best team has. */
defineProps<{ curve: CurveOf<'shareOfBest'>; at: string; of: Scored }>()
</script>

<template>
  : the best team gets <InlineNumber v-model="curve.points" label="Points of the best" :at="`${at}/points`" />, the
  others in proportion.
</template>
