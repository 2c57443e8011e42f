<script setup lang="ts">
import { computed } from 'vue'
import type { Team } from '@/api/names'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import WhatIs from '@/shared/WhatIs.vue'

/** The teams with their pennants. */
const props = defineProps<{ teams: readonly Team[] }>()
const marks = computed(() => teamMarks(props.teams))
</script>

<template>
  <section aria-label="The teams">
    <p v-if="teams.length === 0" class="muted">Each team gets a pennant of its own here. <WhatIs word="pennant" /></p>
    <p v-else class="muted small">{{ teams.length }} {{ teams.length === 1 ? 'team' : 'teams' }}</p>
    <ul>
      <li v-for="team in teams" :key="team.id">
        <TeamPennant :mark="marks.get(team.id)!" :width="72" />
        <span>
          {{ team.name }}
          <span v-if="team.pupils.length > 0" class="small muted">{{ team.pupils.map((p) => p.name).join(', ') }}</span>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: var(--space-3) var(--space-5);
  margin-top: var(--space-3);
}
li {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  overflow-wrap: anywhere;
}
.small {
  display: block;
}
</style>
