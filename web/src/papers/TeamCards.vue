<script setup lang="ts">
import type { CardShown, Team } from '@/api/names'
import CardLines from '@/shared/CardLines.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import type { TeamMark } from '@/shared/teamMarks'

/** What each team was dealt and drawn, to cut out. */
defineProps<{
  teams: readonly Team[]
  marks: Map<string, TeamMark>
  cards: Readonly<Record<string, readonly CardShown[]>>
  bags: Readonly<Record<string, readonly string[]>>
}>()
</script>

<template>
  <ul class="sheet">
    <li v-for="team in teams" :key="team.id">
      <h3><TeamPennant :mark="marks.get(team.id)!" :width="72" /> {{ team.name }}</h3>
      <CardLines :cards="cards[team.id] ?? []" :bag="bags[team.id] ?? []" />
      <p v-if="(cards[team.id] ?? []).length + (bags[team.id] ?? []).length === 0" class="muted">Nothing was dealt.</p>
    </li>
  </ul>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
}
.sheet > li {
  break-inside: avoid;
  border: 1px dashed var(--ink);
  padding: 0.8rem 1rem;
  min-height: 9rem;
}
h3 {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  padding-bottom: 0.4rem;
}
</style>
