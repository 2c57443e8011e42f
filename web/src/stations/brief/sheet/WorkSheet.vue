<script setup lang="ts">
import type { Brief } from '@/api/names'

/** A page to write on: idea, plan, readings, and what to change. Wide lines for the youngest. */
defineProps<{ brief: Brief; narrow: boolean }>()
const attempts = (brief: Brief) => Math.min(brief.trials.attempts, 10)
</script>

<template>
  <article class="work" :class="{ narrow }" aria-label="Worksheet">
    <p class="names"><span>Team</span><span>Date</span></p>
    <h2>{{ brief.title || 'Untitled brief' }}</h2>
    <h3>Our idea</h3>
    <div class="drawing" aria-hidden="true"></div>
    <h3>Our plan, and what we need for it</h3>
    <div class="lines" aria-hidden="true"><i v-for="n in narrow ? 4 : 3" :key="n"></i></div>
    <template v-if="brief.measures.length > 0">
      <h3>What we measured</h3>
      <table>
        <thead>
          <tr>
            <th scope="col">Attempt</th>
            <th v-for="m in brief.measures" :key="m.id" scope="col">
              {{ m.name }}<template v-if="m.unit"> ({{ m.unit }})</template>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="n in attempts(brief)" :key="n">
            <th scope="row">{{ n }}</th>
            <td v-for="m in brief.measures" :key="m.id"></td>
          </tr>
        </tbody>
      </table>
    </template>
    <h3>What we will change next, and why</h3>
    <div class="lines" aria-hidden="true"><i v-for="n in narrow ? 4 : 3" :key="n"></i></div>
  </article>
</template>

<style scoped>
.work {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 1.5rem 2rem 2rem;
  --row: 13mm;
}
.narrow {
  --row: 8mm;
}
.names {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 1rem;
}
.names span {
  border-bottom: 1px solid var(--ink);
  padding-top: 0.8rem;
}
h2 {
  padding-top: 0.5rem;
}
h3 {
  margin-top: 0.8rem;
  color: var(--lagoon-deep);
}
.drawing {
  border: 1.5px solid var(--ink);
  height: 88mm;
  margin-top: 0.3rem;
}
.lines i {
  display: block;
  height: var(--row);
  border-bottom: 1px solid var(--edge);
}
table {
  width: 100%;
  margin-top: 0.3rem;
}
th,
td {
  border: 1px solid var(--ink);
  height: calc(var(--row) * 0.72);
  padding: 0 0.5rem;
  text-align: left;
}
@media print {
  .work {
    border: 0;
    padding: 0;
    break-before: page;
  }
}
</style>
