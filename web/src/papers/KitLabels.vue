<script setup lang="ts">
import type { Team, TeamKit } from '@/api/names'
import TeamPennant from '@/shared/TeamPennant.vue'
import type { TeamMark } from '@/shared/teamMarks'

/** A label for each team's bag: whose it is and what is in it. */
const props = defineProps<{ teams: readonly Team[]; marks: Map<string, TeamMark>; kits: readonly TeamKit[] }>()
const lines = (team: string) => props.kits.find((k) => k.team === team)?.lines ?? []
const shown = (n: number) => String(Math.round(n * 100) / 100)
</script>

<template>
  <ul>
    <li v-for="team in teams" :key="team.id">
      <h3><TeamPennant :mark="marks.get(team.id)!" :width="72" /> {{ team.name }}</h3>
      <table>
        <tbody>
          <tr v-for="l in lines(team.id)" :key="l.material">
            <td class="n">{{ shown(l.due) }}{{ l.unit ? ` ${l.unit}` : '' }}</td>
            <td>{{ l.name }}{{ l.reusable ? ' (comes back)' : '' }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="lines(team.id).length === 0" class="muted">Nothing is counted out for this brief.</p>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.75rem;
}
li {
  break-inside: avoid;
  border: 1.5px solid var(--ink);
  padding: 0.7rem 0.9rem;
}
h3 {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  padding-bottom: 0.4rem;
}
td {
  padding: 0.1rem 0.8rem 0.1rem 0;
  vertical-align: baseline;
}
.n {
  text-align: right;
  white-space: nowrap;
}
</style>
