<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'

/** Points by closeness to a target. */
defineProps<{ curve: CurveOf<'target'>; at: string; unit: string }>()
</script>

<template>
  : <InlineNumber v-model="curve.points" label="Points at the target" :at="`${at}/points`" /> at exactly
  <InlineNumber v-model="curve.at" label="The mark" :at="`${at}/at`" wide />,
  <InlineNumber v-model="curve.perUnit" label="Points lost per unit" :at="`${at}/perUnit`" /> fewer for each
  {{ unit || 'one' }} off it.
</template>
