<script setup lang="ts">
import type { Team, TeamKit } from '@/api/names'

/** A sheet to count the kit out and back in by, team by team, with room to sign. */
const props = defineProps<{ kits: readonly TeamKit[]; teams: readonly Pick<Team, 'id' | 'name'>[] }>()
const lines = (team: string) => props.kits.find((k) => k.team === team)?.lines ?? []
const shown = (n: number | null | undefined) => (typeof n === 'number' ? String(Math.round(n * 100) / 100) : '')
</script>

<template>
  <div class="sheets">
    <table v-for="team in teams" :key="team.id">
      <caption>
        {{
          team.name
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">Material</th>
          <th scope="col">Amount</th>
          <th scope="col">Out</th>
          <th scope="col">Back</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in lines(team.id)" :key="l.material">
          <th scope="row">{{ l.name }}</th>
          <td>{{ shown(l.due) }} {{ l.unit }}</td>
          <td>{{ shown(l.out) }}</td>
          <td>{{ typeof l.back === 'number' ? shown(l.back) : l.reusable ? '' : 'what is left' }}</td>
        </tr>
        <tr>
          <th scope="row" colspan="2">Signed</th>
          <td></td>
          <td></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.sheets {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(20rem, 1fr));
  gap: 1.5rem;
}
table {
  width: 100%;
  break-inside: avoid;
  background: var(--sheet);
}
caption {
  font: 700 1.1rem var(--title);
  text-align: left;
  padding-bottom: 0.25rem;
}
th,
td {
  border: 1px solid var(--ink);
  padding: 0.25rem 0.5rem;
  text-align: left;
  font-weight: 400;
  min-width: 3.5rem;
}
thead th {
  font-weight: 700;
}
</style>
