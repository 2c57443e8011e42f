<script setup lang="ts">
import { nextAt } from '@/shared/nextAt'
import StationHead from '@/shared/StationHead.vue'
import { useRally } from '@/shared/openRally'
import PrintedSheet from './sheet/PrintedSheet.vue'

/** The brief as a rally runs it. */
const { rally } = useRally()
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead :title="rally.name" :next="nextAt(rally.progress.route, 'brief')" />
    <PrintedSheet :brief="rally.brief" :sheet="rally.sheet" :tier="rally.tier" />
  </main>
</template>

<style scoped>
.desk {
  max-width: 56rem;
}
</style>
