<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import { useRally } from '@/shared/openRally'
import { useLoad } from '@/shared/useLoad'
import { useSchool } from '@/school/useSchool'
import PaperDesk from './PaperDesk.vue'
import { onPaper } from './onPaper'
import { sizeOf } from './paper'

/** All paper of a rally. */
const { rally, round, tick, inRound } = useRally()
const id = rally.value?.id ?? ''
const at = () => ({ params: { path: { id }, query: { round: round.value } } })
const kit = useLoad(() => ask(api.GET('/api/rallies/{id}/kit', at())))
const route = useRoute()
/** Only slips have the whole way to each place. */
const why = computed(() => route.query.print === 'slips')
const papers = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/papers', { params: { path: { id }, query: { round: round.value, why: why.value } } })),
)
watch([round, tick], () => void kit.load(), { immediate: true })
watch([round, tick, why], () => void papers.load(), { immediate: true })
const { school } = useSchool()
const on = computed(() => {
  const [r, p, k] = [rally.value, papers.data.value, kit.data.value]
  return r && p && k ? onPaper(r, round.value, p, k.teams) : undefined
})
</script>

<template>
  <PaperDesk v-if="on && school" :on="on" :paper="sizeOf(on, school)">
    <template #links>
      <RoundChoice v-if="rally" :rounds="rally.progress.rounds" :round="round" />
      <RouterLink class="small" :to="inRound(`/rallies/${id}/typing`)">Type in judges’ sheets</RouterLink>
    </template>
  </PaperDesk>
  <main v-else id="main" class="desk stack">
    <LoadNote :state="papers.state.value" :refusal="papers.refusal.value" what="the papers" @again="papers.load" />
    <LoadNote :state="kit.state.value" :refusal="kit.refusal.value" what="the kit" @again="kit.load" />
  </main>
</template>
