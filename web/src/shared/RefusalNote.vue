<script setup lang="ts">
import type { Refusal } from '@/api/names'

/** Why something was not taken, and what would do. Nothing where it was. */
defineProps<{ refusal?: Refusal }>()
</script>

<template>
  <p v-if="refusal" class="wrong small" role="alert">
    {{ refusal.problems[0]?.what ?? refusal.title }} {{ refusal.problems[0]?.remedy ?? refusal.detail }}
  </p>
</template>
