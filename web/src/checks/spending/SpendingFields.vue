<script setup lang="ts">
import type { RuleCheckOf } from '@/api/names'
import PartChoice from '../PartChoice.vue'

/** What was spent, against the funds of a budget. */
defineProps<{ check: RuleCheckOf<'spending'>; at: string }>()
</script>

<template>
  against the funds of
  <PartChoice v-model="check.part" kind="budget" label="Budget" :at="`${at}/part`" />
</template>
