<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineNumber from '@/fields/InlineNumber.vue'

/** Points for getting better than last round. */
defineProps<{ curve: CurveOf<'improvement'>; at: string; of: Scored }>()
</script>

<template>
  : <InlineNumber v-model="curve.perPercent" label="Points per percent" :at="`${at}/perPercent`" /> for each percent
  better than the team’s last round.
</template>
