<script setup lang="ts">
import type { RuleCheckOf } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'
import PartChoice from '../PartChoice.vue'

/** Length to width of each piece. */
defineProps<{ check: RuleCheckOf<'ratio'>; at: string }>()
</script>

<template>
  of <PartChoice v-model="check.part" kind="pieces" label="Pieces" :at="`${at}/part`" />, from
  <InlineNumber v-model="check.atLeast" label="Smallest ratio" :at="`${at}/atLeast`" /> to
  <InlineNumber v-model="check.atMost" label="Largest ratio" :at="`${at}/atMost`" />, to
  <InlineNumber v-model="check.decimals" label="Decimals" :at="`${at}/decimals`" /> decimals
</template>
