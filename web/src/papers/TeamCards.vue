<script setup lang="ts">
import CardLines from '@/shared/CardLines.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** What each team was dealt and drawn, to cut out. */
const { now, rally } = useRallyPrinting()
</script>

<template>
  <PaperSheet title="Cards that were dealt" plain>
    <ul class="cut">
      <li v-for="team in now.teams" :key="team.id">
        <h3><TeamPennant :mark="rally.marks.get(team.id)!" :width="72" /> {{ team.name }}</h3>
        <CardLines :cards="rally.cards[team.id] ?? []" :bag="rally.bags[team.id] ?? []" />
        <p v-if="(rally.cards[team.id] ?? []).length + (rally.bags[team.id] ?? []).length === 0" class="muted">
          No cards were dealt.
        </p>
      </li>
    </ul>
  </PaperSheet>
</template>

<style scoped>
h3 {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  padding-bottom: var(--space-3);
}
</style>
