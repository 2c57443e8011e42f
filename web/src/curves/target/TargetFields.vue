<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineAmount from '@/fields/InlineAmount.vue'
import InlineNumber from '@/fields/InlineNumber.vue'

/** Points by closeness to a target. */
defineProps<{ curve: CurveOf<'target'>; at: string; of: Scored }>()
</script>

<template>
  : <InlineNumber v-model="curve.points" label="Points at the target" :at="`${at}/points`" /> at exactly
  <InlineAmount v-model="curve.at" label="The mark" :levels="of.levels" :at="`${at}/at`" wide />,
  <InlineNumber v-model="curve.perUnit" label="Points lost per unit" :at="`${at}/perUnit`" /> fewer for each
  {{ of.unit || 'one' }} off it.
</template>
