<script setup lang="ts">
import { nextAt } from '../../shared/nextAt'
import StationHead from '../../shared/StationHead.vue'
import { useRally } from '../../shared/openRally'
import PrintedSheet from './sheet/PrintedSheet.vue'

/** The brief as a rally runs it. */
const { rally } = useRally()
</script>

<template>
  <main v-if="rally" id="main" class="page">
    <StationHead :title="rally.name" :next="nextAt(rally.route, 'brief')" />
    <PrintedSheet :brief="rally.brief" :sheet="rally.sheet" :tier="rally.tier" />
  </main>
</template>

<style scoped>
.page {
  max-width: 56rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
  display: grid;
  gap: 1.25rem;
}
</style>
