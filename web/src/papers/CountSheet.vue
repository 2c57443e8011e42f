<script setup lang="ts">
import TeamPennant from '@/shared/TeamPennant.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** A sheet to count the kit out and back in by, team by team, with room to sign. */
const { now, rally } = useRallyPrinting()
const lines = (team: string) => rally.kits.find((k) => k.team === team)?.lines ?? []
const shown = (n: number | null | undefined) => (typeof n === 'number' ? String(Math.round(n * 100) / 100) : '')
</script>

<template>
  <PaperSheet title="Count sheet">
    <div class="sheets">
      <table v-for="team in now.teams" :key="team.id" class="ruled">
        <caption>
          <TeamPennant :mark="rally.marks.get(team.id)!" :width="48" />
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
          <tr v-if="lines(team.id).length === 0">
            <td colspan="4" class="muted">There is no kit to count out.</td>
          </tr>
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
  </PaperSheet>
</template>

<style scoped>
.sheets {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-6);
}
table {
  break-inside: avoid;
}
caption {
  font: 700 1.1rem var(--title);
  text-align: left;
  padding-bottom: var(--space-2);
}
</style>
