<script setup lang="ts">
import { computed, provide, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '../api/client'
import BuntingRoute from './BuntingRoute.vue'
import LoadNote from './LoadNote.vue'
import TopBar from './TopBar.vue'
import { useWho } from '../access/useWho'
import { openRally } from './openRally'
import { useLive } from './useLive'
import { useKept } from './useKept'

/** What all stations of a rally share: the rally itself, its round, the route and the live connection. */
const props = defineProps<{ rally: string }>()
const route = useRoute()
const round = computed(() => Math.max(1, Number.parseInt(String(route.query.round ?? '1')) || 1))
const station = computed(() => route.meta.station ?? '')
const wall = computed(() => station.value === 'wall')

const { data, refusal, state, load } = useKept(
  'rallies',
  () => `${props.rally}:${round.value}`,
  () => ask(api.GET('/api/rallies/{id}', { params: { path: { id: props.rally }, query: { round: round.value } } })),
)
const tick = ref(0)
const news = () => {
  tick.value++
  void load()
}
const connected = useLive(props.rally, news)
watch(round, news)
void load()

const query = computed(() => (round.value > 1 ? `?round=${round.value}` : ''))
const { isTeacher } = useWho()
/** A judge has one station. */
const to = computed(() => (isTeacher.value ? all.value : { score: all.value.score }))
const all = computed(() => ({
  brief: `/rallies/${props.rally}/brief${query.value}`,
  kit: `/rallies/${props.rally}/kit${query.value}`,
  teams: `/rallies/${props.rally}/teams${query.value}`,
  run: `/rallies/${props.rally}/run${query.value}`,
  score: `/rallies/${props.rally}/score${query.value}`,
  results: `/rallies/${props.rally}/results${query.value}`,
}))
provide(openRally, { rally: data, round, tick, news, connected })
</script>

<template>
  <TopBar v-if="!wall">
    <BuntingRoute v-if="data" :pennants="data.route" :current="station" :to="to" />
  </TopBar>
  <p v-if="!connected" class="lost not-on-paper" role="status">
    No connection to Plucky Rally. This catches up by itself when it is back.
  </p>
  <RouterView v-if="data" />
  <main v-else id="main" class="page">
    <LoadNote :state="state" :refusal="refusal" what="the rally" @again="load" />
  </main>
</template>

<style scoped>
.lost {
  background: var(--marigold-wash);
  border-block: 2px dashed var(--marigold);
  padding: 0.4rem 1.5rem;
}
.page {
  padding: 1.5rem;
}
</style>
