<script setup lang="ts">
import type { CurveOf } from '@/api/names'
import type { Scored } from '@/curves/kind'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumbers from '@/fields/InlineNumbers.vue'

/** Points by place, the first place first. */
defineProps<{ curve: CurveOf<'place'>; at: string; of: Scored }>()
</script>

<template>
  : <InlineNumbers v-model="curve.points" label="Points by place" :at="`${at}/points`" placeholder="10, 8, 6" />. Teams
  that tie
  <InlineChoice
    v-model="curve.ties"
    label="Teams that tie"
    :options="[
      ['betterPlace', 'take the better place'],
      ['shareMean', 'share the mean'],
    ]"
  />.
</template>
