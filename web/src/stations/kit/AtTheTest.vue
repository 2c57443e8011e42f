<script setup lang="ts">
import type { TestNeed } from '@/api/names'

/** What one test takes, what all tables take together, and whether what is planned and in the cupboard will do. */
defineProps<{ needs: readonly TestNeed[]; to: string }>()
const shown = (n: number | null | undefined) => (typeof n === 'number' ? String(Math.round(n * 10) / 10) : 'no limit')
</script>

<template>
  <section aria-labelledby="at-test">
    <h2 id="at-test">At the test</h2>
    <p class="small muted">
      {{ needs[0]!.places === 1 ? 'One team is tested at a time.' : `${needs[0]!.places} teams are tested at once.` }}
      The brief says so, under <RouterLink :to="to">Time</RouterLink>.
    </p>
    <div class="scroll">
      <table class="rows">
        <thead>
          <tr>
            <th scope="col">Thing</th>
            <th scope="col" class="number">One test, up to</th>
            <th v-if="needs[0]!.places > 1" scope="col" class="number">At once, up to</th>
            <th scope="col" class="number">In the brief</th>
            <th scope="col" class="number">In the cupboard</th>
            <th scope="col">Is it enough?</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="n in needs" :key="n.name">
            <th scope="row">
              {{ n.name }}<span v-if="n.unit" class="muted"> ({{ n.unit }})</span>
            </th>
            <td class="number">{{ shown(n.oneTest) }}</td>
            <td v-if="n.places > 1" class="number">{{ shown(n.atOnce) }}</td>
            <td class="number">{{ shown(n.planned) }}</td>
            <td class="number">{{ shown(n.inCupboard) }}</td>
            <td>{{ n.says }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>
