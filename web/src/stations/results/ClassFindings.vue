<script setup lang="ts">
import { computed } from 'vue'
import type { Entry, Standings } from '@/api/names'
import { useRally } from '@/shared/openRally'
import type { Sent } from '@/shared/useOutbox'
import AwardList from './AwardList.vue'

/** Awards, and what the class as a whole shows. */
defineProps<{ standings: Standings; record: (entry: Entry) => Promise<Sent> }>()
const { rally, round } = useRally()
const teams = computed(() => rally.value?.teams.filter((t) => !t.away) ?? [])
</script>

<template>
  <div class="findings">
    <AwardList :awards="standings.awards" :teams="teams" :round="round" :record="record" />
    <template v-if="standings.findings.length">
      <h3>What decided</h3>
      <p v-for="f in standings.findings" :key="f">{{ f }}</p>
    </template>
  </div>
</template>

<style scoped>
.findings {
  display: grid;
  gap: var(--space-2);
  padding-top: var(--space-5);
}
h3 {
  color: var(--lagoon-deep);
}
p + h3 {
  padding-top: var(--space-4);
}
</style>
