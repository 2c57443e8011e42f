<script setup lang="ts">
import type { Job, Team } from '@/api/names'
import { jobNames } from '@/shared/jobNames'
import TeamPennant from '@/shared/TeamPennant.vue'
import type { TeamMark } from '@/shared/teamMarks'

/** Who is in which team, for the door. */
defineProps<{
  teams: readonly Team[]
  marks: Map<string, TeamMark>
  jobs: readonly Job[]
}>()
</script>

<template>
  <ul class="teams">
    <li v-for="team in teams" :key="team.id">
      <h3><TeamPennant :mark="marks.get(team.id)!" :width="72" /> {{ team.name }}</h3>
      <ul>
        <li v-for="p in team.pupils" :key="p.id">
          {{ p.name }}<span v-if="p.jobs.length > 0" class="muted">, {{ jobNames(jobs, p.jobs) }}</span>
        </li>
        <li v-if="team.pupils.length === 0" class="muted">{{ team.members > 0 ? `${team.members} students` : '' }}</li>
      </ul>
    </li>
  </ul>
</template>

<style scoped>
.teams {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: var(--space-5);
  padding-top: var(--space-4);
}
.teams > li {
  break-inside: avoid;
  border-top: 2px solid var(--ink);
  padding-top: var(--space-3);
}
h3 {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  padding-bottom: var(--space-3);
}
</style>
