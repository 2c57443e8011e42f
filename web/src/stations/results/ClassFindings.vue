<script setup lang="ts">
import { computed } from 'vue'
import type { Standings } from '@/api/names'
import UnsentNote from '@/log/UnsentNote.vue'
import { useRally } from '@/shared/openRally'
import { useOutbox } from '@/shared/useOutbox'
import AwardList from './AwardList.vue'

/** Awards, and what the class as a whole shows. */
defineProps<{ standings: Standings }>()
const { rally, round, news } = useRally()
const outbox = useOutbox(rally.value?.id ?? '', news)
const teams = computed(() => rally.value?.teams.filter((t) => !t.away) ?? [])
</script>

<template>
  <div class="findings">
    <UnsentNote v-if="rally" :outbox="outbox" :rally="rally" />
    <AwardList :awards="standings.awards" :teams="teams" :round="round" :record="outbox.record" />
    <template v-if="standings.findings.length">
      <h3>What decided</h3>
      <p v-for="f in standings.findings" :key="f">{{ f }}</p>
    </template>
  </div>
</template>

<style scoped>
.findings {
  display: grid;
  gap: 0.25rem;
  padding-top: 1rem;
}
h3 {
  color: var(--lagoon-deep);
}
p + h3 {
  padding-top: 0.75rem;
}
</style>
