<script setup lang="ts">
import Button from 'primevue/button'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import UnsentNote from '@/log/UnsentNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import SectionLinks from '@/shared/SectionLinks.vue'
import { nextAt } from '@/shared/nextAt'
import StationHead from '@/shared/StationHead.vue'
import { useRally } from '@/shared/openRally'
import { recorded } from '@/shared/useDone'
import { useLoad } from '@/shared/useLoad'
import { useOutbox } from '@/shared/useOutbox'
import { usePhotos } from '@/shared/usePhotos'
import ClosedNote from './ClosedNote.vue'
import ClassFindings from './ClassFindings.vue'
import DownloadList from './DownloadList.vue'
import GalleryPanel from './gallery/GalleryPanel.vue'
import HowCertain from './HowCertain.vue'
import PrintList from './PrintList.vue'
import RoundsPanel from './RoundsPanel.vue'
import StandingsTable from './StandingsTable.vue'
import WhySlip from './WhySlip.vue'

/** What draws comes along with the section that has it. */
const PlotPanel = defineAsyncComponent(() => import('./plots/PlotPanel.vue'))

/** The standings, and for one team the whole way to its place. */
const { rally, round, tick, news, inRound } = useRally()
const outbox = useOutbox(rally.value?.id ?? '', news)
const route = useRoute()
const router = useRouter()
/** Whose slip is open stands in the address, so that it is still open after a reload, and in a link. */
const chosen = computed(() => String(route.query.why ?? '') || first.value)
/** Until a team is chosen, whoever was first when the page was opened. */
const first = ref('')
const choose = (team: string) => void router.replace({ query: { ...route.query, why: team } })
const standings = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/results', {
      params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value, why: chosen.value } },
    }),
  ),
)
watch([round, tick], () => void standings.load(), { immediate: true })
/** The reasons come for one team, which is whoever is first while none is chosen. */
watch(chosen, (team) => {
  if (!standings.data.value?.rows.some((r) => r.team === team && r.why.length > 0)) void standings.load()
})

const album = usePhotos(rally.value?.id ?? '')
const photos = computed(() => album.all.value.filter((p) => p.round === round.value))

watch(standings.data, (now) => (first.value ||= now?.rows[0]?.team ?? ''))
const row = computed(
  () => standings.data.value?.rows.find((r) => r.team === chosen.value) ?? standings.data.value?.rows[0],
)

type Section = 'standings' | 'rounds' | 'numbers' | 'gallery' | 'print' | 'download'
const sections = computed<{ section: Section; name: string }[]>(() => [
  { section: 'standings', name: standings.data.value?.ranking === false ? 'Results' : 'Standings' },
  ...((rally.value?.progress.rounds ?? 1) > 1 ? [{ section: 'rounds' as const, name: 'All rounds' }] : []),
  { section: 'numbers', name: 'Numbers' },
  { section: 'gallery', name: 'Gallery' },
  { section: 'print', name: 'Print' },
  { section: 'download', name: 'Download' },
])
/** Without one in the address, or with one that this rally has not, the standings. */
const section = computed(() => sections.value.find((s) => s.section === route.query.section)?.section ?? 'standings')
</script>

<template>
  <main v-if="rally" id="main" class="desk stack">
    <StationHead title="Results" :next="nextAt(rally.progress.route, 'results')">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
      <Button
        as="router-link"
        :to="{ path: '/over-all', query: { rally: [rally.id, ...rally.beside.map((b) => b.id)] } }"
        label="Combined results"
        variant="outlined"
      />
      <Button as="router-link" :to="inRound(`/rallies/${rally.id}/run`)" label="Show on the wall" />
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <SectionLinks :sections="sections" :current="section" label="Sections of the results" />
    <LoadNote
      v-if="!standings.data.value"
      :state="standings.state.value"
      :refusal="standings.refusal.value"
      what="the standings"
      @again="standings.load"
    />
    <div v-else-if="section === 'standings'" class="two">
      <section aria-labelledby="standings">
        <h2 id="standings">{{ standings.data.value.ranking ? 'Standings' : 'Results' }}</h2>
        <p class="muted">{{ standings.data.value.winsText }}</p>
        <p v-if="standings.data.value.provisional" class="early">
          Some points depend on teams that are not finished, so they can still change.
        </p>
        <ClosedNote :standings="standings.data.value" />
        <StandingsTable
          :standings="standings.data.value"
          :teams="rally.teams"
          :cards="rally.cards"
          :chosen="row?.team ?? ''"
          @choose="choose"
        />
        <ClassFindings :standings="standings.data.value" :record="(entry) => recorded(outbox.record(entry))" />
        <HowCertain v-if="standings.data.value.ranking" />
      </section>
      <WhySlip
        v-if="row && row.why.length > 0"
        :row="row"
        :changes="standings.data.value.briefChanges"
        :rally="rally.id"
        :photos="photos.filter((p) => p.team === row?.team)"
      />
    </div>
    <RoundsPanel v-else-if="section === 'rounds'" :record="outbox.record" />
    <PlotPanel v-else-if="section === 'numbers'" />
    <GalleryPanel v-else-if="section === 'gallery'" :record="outbox.record" />
    <PrintList v-else-if="section === 'print'" />
    <DownloadList v-else :rally="rally.id" :rounds="standings.data.value.ranking ? rally.progress.rounds : 1" />
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 4fr);
  gap: var(--space-7);
  align-items: start;
}
.early {
  color: var(--marigold-text);
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
