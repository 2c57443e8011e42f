<script setup lang="ts">
import { useSnags } from './snags'

/** What is wrong with a field, and what would do. */
defineProps<{ at: string }>()
const snags = useSnags()
</script>

<template>
  <span v-if="snags.at(at)" class="note not-on-paper">{{ snags.at(at)?.what }} {{ snags.at(at)?.remedy }}</span>
</template>

<style scoped>
.note {
  display: block;
  font: 400 var(--small) / 1.35 var(--text);
  letter-spacing: 0;
  color: var(--brick);
}
</style>
