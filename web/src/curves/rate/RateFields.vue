<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineNumber from '@/fields/InlineNumber.vue'

/** So many points for each unit. */
defineProps<{ curve: CurveOf<'rate'>; at: string; of: Scored }>()
</script>

<template>
  : <InlineNumber v-model="curve.start" label="Points to start with" :at="`${at}/start`" /> to start with, plus
  <InlineNumber v-model="curve.perUnit" label="Points for each unit" :at="`${at}/perUnit`" /> for each
  {{ of.unit || 'one' }}.
</template>
