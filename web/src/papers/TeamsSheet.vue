<script setup lang="ts">
import TeamList from '@/stations/teams/TeamList.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** Who is in which team, for the door. */
const { rally } = useRallyPrinting()
</script>

<template>
  <PaperSheet :title="rally.name">
    <TeamList :teams="rally.teams" :marks="rally.marks" :jobs="rally.jobs" />
  </PaperSheet>
</template>
