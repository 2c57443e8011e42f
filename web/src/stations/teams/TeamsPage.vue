<script setup lang="ts">
import { computed } from 'vue'
import { nextAt } from '@/shared/nextAt'
import StationHead from '@/shared/StationHead.vue'
import { useRally } from '@/shared/openRally'
import { teamMarks } from '@/shared/teamMarks'
import TeamList from './TeamList.vue'

/** The teams of a rally. */
const { rally } = useRally()
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead :title="rally.name" :next="nextAt(rally.progress.route, 'teams')">
      <RouterLink class="small" :to="`/rallies/${rally.id}/papers`">Print job cards and the team list</RouterLink>
    </StationHead>
    <TeamList :teams="rally.teams" :marks="marks" :jobs="rally.jobs" />
  </main>
</template>

<style scoped>
.desk {
  max-width: 64rem;
}
</style>
