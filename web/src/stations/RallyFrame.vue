<script setup lang="ts">
import { computed, onUnmounted, provide, ref, watch, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import AsideNote from '@/log/AsideNote.vue'
import { barName } from '@/shared/barName'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import { shortDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import RouteBar from '@/shared/RouteBar.vue'
import LiveBeside from './LiveBeside.vue'
import TierLinks from './TierLinks.vue'
import { useWho } from '@/access/useWho'
import { openRallyKey, type Place } from '@/shared/openRally'
import { useLive, type LiveNews } from '@/shared/useLive'
import type { RallyProgress } from '@/api/names'
import { latest } from '@/shared/latest'
import { useKept } from '@/shared/useKept'
import { useLoad } from '@/shared/useLoad'
import { useNarrow } from '@/shared/useNarrow'

/** What all stations of a rally share: the rally itself, its round, the route and the live connection. */
const props = defineProps<{ rally: string }>()
const route = useRoute()
/**
 * Without a round in its address a page opens on the one that runs; a wall goes on with it, a pad stays where it was
 * opened.
 */
const running = ref(1)
const round = computed(() => Math.max(1, Number.parseInt(String(route.query.round ?? running.value)) || 1))
const station = computed(() => route.meta.station ?? '')
/** What is carried about is kept on this device, for going on without a connection; the rest is not. */
const place = computed<Place>(() =>
  station.value === 'wall' ? 'wall' : ['score', 'together', 'typing'].includes(station.value) ? 'walk' : 'desk',
)
const params = () => ({ path: { id: props.rally }, query: { round: round.value } })
const places = {
  desk: useLoad(() => ask(api.GET('/api/rallies/{id}', { params: params() }))),
  walk: useKept(
    'rallies',
    () => `${props.rally}:${round.value}`,
    () => ask(api.GET('/api/rallies/{id}/walk', { params: params() })),
  ),
  wall: useLoad(() => ask(api.GET('/api/rallies/{id}/wall', { params: params() }))),
}
const named = computed(() => places[place.value])
const progress = computed(() => (place.value === 'wall' ? undefined : places[place.value].data.value?.progress))
const pennants = computed(() => progress.value?.route)
/** What stands beside the bunting; a wall says it larger, and by itself. */
const whose = computed(() => {
  if (place.value === 'wall') return undefined
  const { name, brief, progress: now } = places[place.value].data.value ?? {}
  if (name === undefined) return { name: '' }
  const day = place.value === 'desk' ? places.desk.data.value?.date : undefined
  const details = [
    brief?.title,
    day && shortDay(day),
    (now?.rounds ?? 1) > 1 && `round ${round.value} of ${now?.rounds}`,
  ]
  return { name, detail: details.filter(Boolean).join(' · ') }
})
/** The rallies of the lesson's other tiers: the clock, the order of the test and the wall are theirs too. */
const beside = computed(() => (place.value === 'wall' ? [] : (places[place.value].data.value?.beside ?? [])))
const lines = computed(() => places.wall.data.value?.lesson?.beside ?? beside.value.map((b) => b.id))
const tier = computed(() => (place.value === 'wall' ? '' : (places[place.value].data.value?.tier ?? '')))
/** The same page of another rally; which team's sheet was open says nothing there. */
const samePage = (other: string) => inRound(`/rallies/${other}/${route.path.split('/')[3] ?? ''}`)
const tick = ref(0)
const load = () => void named.value.load()

/**
 * What is shown of the rally stays, with how far it is now. The brief is asked for again only when something in it was
 * cut.
 */
function progressed(now: RallyProgress) {
  if (progress.value && progress.value.edition !== now.edition) return load()
  const { desk, walk } = places
  if (desk.data.value) desk.data.value = { ...desk.data.value, progress: now }
  if (walk.data.value) walk.data.value = { ...walk.data.value, progress: now }
}
const askProgress = latest(() => ask(api.GET('/api/rallies/{id}/progress', { params: params() })))
async function follow() {
  const answer = await askProgress()
  if (!answer?.ok) return
  progressed(answer.data.progress)
  const { desk } = places
  if (desk.data.value) desk.data.value = { ...desk.data.value, aside: answer.data.aside }
}
/** This window has recorded something itself, or hears that somebody has. */
function news() {
  tick.value++
  if (place.value === 'desk') void follow()
}
function again() {
  tick.value++
  load()
}

/** Which teams another tier has is asked for again only where something of them, or of its brief, has changed. */
const editions = new Map<string, number>()
function newsBeside(other: string, now: LiveNews) {
  const had = editions.get(other)
  editions.set(other, now.edition)
  if (had === undefined || had === now.edition) tick.value++
  else again()
}

/** How far the log is by the live line: a window that has that asks nothing. */
let announced: LiveNews | undefined
const announcedAsOf = ref<number>()
const { connected, instruments } = useLive(props.rally, (now) => {
  if (now.running && (place.value === 'wall' || !announced)) running.value = now.running
  const had = place.value === 'wall' ? announced : progress.value
  announced = now
  announcedAsOf.value = now.asOf ?? undefined
  if (had) compare(had, now)
  else if (place.value === 'wall') tick.value++
})
function compare(had: Partial<LiveNews>, now: LiveNews) {
  if (typeof now.asOf !== 'number' || now.edition !== had.edition) again()
  else if (now.asOf > (had.asOf ?? 0)) news()
}
/** What was announced while the rally was on its way may be newer than what has come. */
watch(progress, (now, before) => {
  if (now && !before) running.value = now.running
  if (now && !before && announced) compare(now, announced)
})
watch(round, again)
watch(place, load, { immediate: true })

/** On a phone the route stands below what is done there, and the name in the bar: the pad is in the first screenful. */
const narrow = useNarrow()
const below = computed(() => narrow.value && place.value === 'walk')
watchEffect(() => (barName.value = below.value ? (whose.value?.name ?? '') : ''))
onUnmounted(() => (barName.value = ''))

const inRound = (path: string) => ({
  path,
  query: Math.max(round.value, running.value) > 1 ? { round: round.value } : {},
})
const { isTeacher } = useWho()
/** A judge has one station. */
const to = computed(() => (isTeacher.value ? all.value : { score: all.value.score }))
const all = computed(() => ({
  brief: inRound(`/rallies/${props.rally}/brief`),
  kit: inRound(`/rallies/${props.rally}/kit`),
  teams: inRound(`/rallies/${props.rally}/teams`),
  run: inRound(`/rallies/${props.rally}/run`),
  score: inRound(`/rallies/${props.rally}/score`),
  results: inRound(`/rallies/${props.rally}/results`),
  debrief: inRound(`/rallies/${props.rally}/debrief`),
}))
provide(openRallyKey, {
  at: { desk: places.desk.data, walk: places.walk.data, wall: places.wall.data },
  round,
  inRound,
  tick,
  announced: announcedAsOf,
  news,
  progressed,
  connected,
  instruments,
})
/** Entries that only a newer version understands are kept, and that is said where the teacher looks. */
const unread = computed(() => (place.value === 'desk' ? (places.desk.data.value?.unread ?? 0) : 0))
/** So are entries that were recorded and could not have been, such as an attempt on a build that had failed. */
const aside = computed(() => (place.value === 'desk' ? (places.desk.data.value?.aside ?? []) : []))
</script>

<template>
  <RouteBar v-if="whose && !below" :name="whose.name" :detail="whose.detail">
    <template v-if="beside.length > 0" #tiers>
      <TierLinks :rally="rally" :tier="tier" :beside="beside" :to="samePage" />
    </template>
    <BuntingRoute v-if="pennants" :pennants="pennants" :current="station" :to="to" />
  </RouteBar>
  <LiveBeside v-for="other in lines" :key="other" :rally="other" @news="newsBeside(other, $event)" />
  <p v-if="!connected" class="lost not-on-paper" role="status">
    No connection to Plucky Rally. This catches up by itself when it is back.
  </p>
  <p v-if="unread > 0" class="lost not-on-paper" role="status">
    {{ unread === 1 ? '1 entry is' : `${unread} entries are` }} not understood by this version of Plucky Rally. Nothing
    is lost: {{ unread === 1 ? 'it is' : 'they are' }} kept, and not scored. Update Plucky Rally, or record
    {{ unread === 1 ? 'it' : 'them' }} again.
  </p>
  <AsideNote v-if="aside.length > 0" :rally="rally" :aside="aside" />
  <RouterView v-if="named.data.value" />
  <main v-else id="main" class="desk">
    <LoadNote :state="named.state.value" :refusal="named.refusal.value" what="the rally" @again="load" />
  </main>
  <BuntingRoute v-if="pennants && below" class="below" :pennants="pennants" :current="station" :to="to" />
</template>

<style scoped>
.lost {
  background: var(--marigold-wash);
  border-block: 2px dashed var(--marigold);
  padding: var(--space-3) var(--margin);
}
.below {
  margin: 0 var(--space-4) var(--space-5);
}
</style>
