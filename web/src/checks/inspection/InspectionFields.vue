<script setup lang="ts">
import type { RuleCheckOf } from '@/api/names'

/** Looked at by a judge; there is nothing to set. */
defineProps<{ check: RuleCheckOf<'inspection'>; at: string }>()
</script>

<template><span /></template>
