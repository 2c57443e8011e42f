<script setup lang="ts">
import type { CardShown } from '@/api/names'

/** The cards that a team was dealt, and what was drawn into its bag. */
defineProps<{ cards: readonly CardShown[]; bag: readonly string[] }>()
</script>

<template>
  <ul v-if="cards.length > 0 || bag.length > 0" class="cards">
    <li v-for="(c, i) in cards" :key="i">
      <b>{{ c.deal }}: {{ c.name }}.</b> {{ c.text }} {{ c.does.join(' ') }}
    </li>
    <li v-if="bag.length > 0"><b>What this team drew:</b> {{ bag.join(', ') }}</li>
  </ul>
</template>

<style scoped>
.cards {
  display: grid;
  gap: var(--space-2);
  padding-block: var(--space-2);
}
.cards li {
  border-left: 4px solid var(--plum);
  padding-left: var(--space-3);
  overflow-wrap: anywhere;
}
</style>
