<script setup lang="ts">
import type { Problem } from '@/api/names'

/** What is wrong with the field above it, and what would do; nothing where nothing is. */
defineProps<{ problem: Problem | undefined }>()
</script>

<template>
  <p v-if="problem" class="wrong small" role="alert">{{ problem.what }} {{ problem.remedy }}</p>
</template>
