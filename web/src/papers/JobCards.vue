<script setup lang="ts">
import { computed } from 'vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** A card to cut out for each job of each team, with its duties. */
const { now, rally } = useRallyPrinting()
const all = computed(() =>
  now.teams.flatMap((team) =>
    rally.jobs.map((job) => ({
      team,
      job,
      who: team.pupils.filter((p) => p.jobs.includes(job.id)).map((p) => p.name),
    })),
  ),
)
</script>

<template>
  <PaperSheet title="Job cards" plain>
    <ul class="cut">
      <li v-for="c in all" :key="c.team.id + c.job.id">
        <p class="top"><TeamPennant :mark="rally.marks.get(c.team.id)!" :width="56" /> {{ c.team.name }}</p>
        <h3>{{ c.job.name }}</h3>
        <p>{{ c.job.duties }}</p>
        <p v-for="card in rally.cards[c.team.id] ?? []" :key="card.deal">
          <b>{{ card.deal }}: {{ card.name }}.</b> {{ card.text }}
        </p>
        <p class="who">{{ c.who.length > 0 ? c.who.join(', ') : '' }}</p>
      </li>
    </ul>
  </PaperSheet>
</template>

<style scoped>
li {
  display: grid;
  gap: var(--space-2);
  align-content: start;
}
.top {
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
h3 {
  font-size: 1.2rem;
}
.who {
  align-self: end;
  border-bottom: 1px solid var(--ink);
  min-height: 1.6rem;
  font-weight: 700;
}
</style>
