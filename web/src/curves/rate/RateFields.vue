<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'

/** So many points for each unit. */
defineProps<{ curve: CurveOf<'rate'>; at: string; unit: string }>()
</script>

<template>
  : <InlineNumber v-model="curve.start" label="Points to begin with" :at="`${at}/start`" /> to begin with and
  <InlineNumber v-model="curve.perUnit" label="Points for each unit" :at="`${at}/perUnit`" /> for each
  {{ unit || 'one' }}.
</template>
