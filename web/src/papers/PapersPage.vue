<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { useRally } from '@/shared/openRally'
import { teamMarks } from '@/shared/teamMarks'
import { useLoad } from '@/shared/useLoad'
import CountSheet from './CountSheet.vue'
import JobCards from './JobCards.vue'
import KitLabels from './KitLabels.vue'
import RigSheet from './RigSheet.vue'
import TeamCards from './TeamCards.vue'
import TeamList from '@/stations/teams/TeamList.vue'

/** What goes to the printer for a rally: one sort of paper at a time. */
const { rally, round } = useRally()
const id = String(useRoute().params.rally)
const kit = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/kit', { params: { path: { id }, query: { round: round.value } } })),
)
void kit.load()
const sorts = [
  ['list', 'the team list'],
  ['jobs', 'job cards'],
  ['labels', 'kit labels'],
  ['counts', 'count sheets'],
  ['cards', 'cards that were dealt'],
  ['rig', 'the rig'],
] as const
const sort = ref<(typeof sorts)[number][0]>('list')
const teams = computed(() => rally.value?.teams ?? [])
const marks = computed(() => teamMarks(teams.value))
const print = () => window.print()
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead class="not-on-paper" title="On paper" next="Choose what to print. Black and white works.">
      <select v-model="sort" class="inline" aria-label="What to print">
        <option v-for="[value, name] in sorts" :key="value" :value="value">{{ name }}</option>
      </select>
      <Button label="Print" size="small" @click="print" />
    </StationHead>
    <LoadNote
      v-if="!kit.data.value"
      :state="kit.state.value"
      :refusal="kit.refusal.value"
      what="the kit"
      @again="kit.load"
    />
    <template v-else>
      <h2 v-if="sort === 'list'">{{ rally.name }}</h2>
      <TeamList v-if="sort === 'list'" :teams="teams" :marks="marks" :jobs="rally.jobs" />
      <JobCards v-else-if="sort === 'jobs'" :teams="teams" :marks="marks" :jobs="rally.jobs" :cards="rally.cards" />
      <KitLabels v-else-if="sort === 'labels'" :teams="teams" :marks="marks" :kits="kit.data.value.teams" />
      <TeamCards v-else-if="sort === 'cards'" :teams="teams" :marks="marks" :cards="rally.cards" :bags="rally.bags" />
      <RigSheet v-else-if="sort === 'rig'" :title="rally.brief.title" :kit="kit.data.value" />
      <CountSheet v-else :kits="kit.data.value.teams" :teams="teams" />
    </template>
  </main>
</template>

<style scoped>
.desk {
  max-width: 60rem;
}
@media print {
  .desk {
    padding: 0;
    max-width: none;
    display: block;
  }
}
</style>
