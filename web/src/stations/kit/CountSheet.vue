<script setup lang="ts">
import { computed, ref } from 'vue'
import type { KitList } from '../../api/names'

/** A sheet to count the kit out and back in by, team by team, with room to sign. */
const props = defineProps<{ list: KitList; teams: readonly string[] }>()
const open = ref(false)
const lines = computed(() => props.list.lines.filter((l) => l.countedOut))
const shown = (n: number | null | undefined) => String(Math.round((n ?? 0) * 100) / 100)
const print = () => window.print()
</script>

<template>
  <section aria-labelledby="count">
    <div class="head not-on-paper">
      <h2 id="count">Count sheets</h2>
      <button type="button" class="act" :aria-expanded="open" @click="open = !open">
        {{ open ? 'Put away' : 'Show' }}
      </button>
      <button v-if="open" type="button" class="act" @click="print">Print</button>
    </div>
    <div v-if="open" class="sheets">
      <table v-for="team in teams" :key="team">
        <caption>
          {{
            team
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
          <tr v-for="l in lines" :key="l.material.id">
            <th scope="row">{{ l.material.name }}</th>
            <td>{{ shown(l.eachTeam) }} {{ l.material.unit }}</td>
            <td></td>
            <td>{{ l.material.reusable ? '' : 'what is left' }}</td>
          </tr>
          <tr>
            <th scope="row" colspan="2">Signed</th>
            <td></td>
            <td></td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  gap: 1rem;
  align-items: baseline;
}
.sheets {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(20rem, 1fr));
  gap: 1.5rem;
  padding-top: 0.75rem;
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
