<script setup lang="ts">
import CardLines from '@/shared/CardLines.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** A label for each team's bag: whose it is, what is in it with what was drawn, and its cards. */
const { now, rally } = useRallyPrinting()
const lines = (team: string) => rally.kits.find((k) => k.team === team)?.lines ?? []
const shown = (n: number) => String(Math.round(n * 100) / 100)
</script>

<template>
  <PaperSheet title="Labels for the bags" plain>
    <ul>
      <li v-for="team in now.teams" :key="team.id">
        <h3><TeamPennant :mark="rally.marks.get(team.id)!" :width="72" /> {{ team.name }}</h3>
        <table>
          <tbody>
            <tr v-for="l in lines(team.id)" :key="l.material">
              <td class="n">{{ shown(l.due) }}{{ l.unit ? ` ${l.unit}` : '' }}</td>
              <td>{{ l.name }}{{ l.reusable ? ' (comes back)' : '' }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="lines(team.id).length === 0" class="muted">There is no kit to count out.</p>
        <CardLines :cards="rally.cards[team.id] ?? []" :bag="[]" />
      </li>
    </ul>
  </PaperSheet>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-4);
}
li {
  break-inside: avoid;
  border: 1.5px solid var(--ink);
  padding: var(--space-4) var(--space-4);
}
h3 {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  padding-bottom: var(--space-3);
}
td {
  padding: var(--space-1) var(--space-4) var(--space-1) 0;
  vertical-align: baseline;
}
.n {
  text-align: right;
  white-space: nowrap;
}
</style>
