<script setup lang="ts">
import { computed } from 'vue'
import type { RallyBeside } from '@/api/names'
import { tierName } from '@/shared/tierName'

/** The tiers of a lesson: the same page of each of its rallies. */
const props = defineProps<{
  rally: string
  tier: string
  beside: readonly RallyBeside[]
  to: (rally: string) => { path: string; query: { round?: number } }
}>()
/** Always in the same order, whichever is looked at: ids count up with the tiers. */
const tiers = computed(() =>
  [{ id: props.rally, tier: props.tier }, ...props.beside].sort((a, b) => (a.id < b.id ? -1 : 1)),
)
</script>

<template>
  <nav class="tiers small" aria-label="Tiers of this lesson">
    <template v-for="t in tiers" :key="t.id">
      <span v-if="t.id === rally" aria-current="page">{{ tierName(t.tier) }}</span>
      <RouterLink v-else :to="to(t.id)">{{ tierName(t.tier) }}</RouterLink>
    </template>
  </nav>
</template>

<style scoped>
.tiers {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-4);
}
.tiers > * {
  display: inline-grid;
  align-items: center;
  min-height: 28px;
}
[aria-current] {
  font-weight: 700;
  border-bottom: 3px solid var(--marigold);
}
</style>
