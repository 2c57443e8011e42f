<script setup lang="ts">
import StationHead from '../../shared/StationHead.vue'
import { useRally } from '../../shared/openRally'
import TeamLines from './TeamLines.vue'

/** The teams of a rally. */
const { rally } = useRally()
</script>

<template>
  <main v-if="rally" id="main" class="page">
    <StationHead :title="rally.name" :next="rally.route[1]?.next" />
    <TeamLines :teams="rally.teams" />
  </main>
</template>

<style scoped>
.page {
  max-width: 64rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
  display: grid;
  gap: 1.25rem;
}
</style>
