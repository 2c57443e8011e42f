<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import { useWho } from '@/access/useWho'
import WhoLine from '@/access/WhoLine.vue'
import { useJudgeRally } from '@/shared/openRally'
import { teamMarks } from '@/shared/teamMarks'
import { useLoad } from '@/shared/useLoad'
import SheetForm from './SheetForm.vue'

/** Judges' sheets that were written on paper, typed in: a page a team, in the order of the paper. */
const props = defineProps<{ team?: string }>()
const { rally, round, tick, inRound } = useJudgeRally()
const { isTeacher } = useWho()
const router = useRouter()
const id = rally.value?.id ?? ''
const papers = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/papers/judged', { params: { path: { id }, query: { round: round.value } } })),
)
watch([round, tick], () => void papers.load(), { immediate: true })
const teams = computed(() => rally.value?.teams.filter((t) => !t.away) ?? [])
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
const current = computed(() => teams.value.find((t) => t.id === props.team) ?? teams.value[0])
/** What stands of a team already, so that nobody types a sheet in twice. */
const stands = computed(() => papers.data.value?.stands[current.value?.id ?? ''] ?? [])
const to = (team: string) => inRound(`/rallies/${id}/typing/${team}`)
const said = ref('')
/** Whether the last team's page was kept. */
const last = ref(false)
function onKept(things: number) {
  said.value = `${current.value?.name}: ${things} ${things === 1 ? 'result' : 'results'} recorded.`
  const at = teams.value.findIndex((t) => t.id === current.value?.id)
  const team = teams.value[at + 1]
  last.value = team === undefined
  if (team) void router.push(to(team.id))
  void papers.load()
}
</script>

<template>
  <main v-if="rally && current" id="main" class="desk stack">
    <StationHead
      title="Type in judges’ sheets"
      next="One page a team, in the order of the paper. Enter goes to the next field."
    >
      <RouterLink v-if="isTeacher" class="small" :to="inRound(`/rallies/${id}/papers?print=judge`)"
        >Print the sheets</RouterLink
      >
      <RouterLink v-else class="small" :to="inRound(`/rallies/${id}/score/${current.id}`)">Back to Score</RouterLink>
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
    </StationHead>
    <nav aria-label="Teams">
      <RouterLink
        v-for="t in teams"
        :key="t.id"
        :to="to(t.id)"
        :aria-current="t.id === current.id ? 'page' : undefined"
      >
        <TeamPennant :mark="marks.get(t.id)!" :width="40" /> {{ t.name }}
      </RouterLink>
    </nav>
    <LoadNote
      v-if="!papers.data.value"
      :state="papers.state.value"
      :refusal="papers.refusal.value"
      what="the sheet"
      @again="papers.load"
    />
    <template v-else>
      <p v-if="said" class="done" role="status">
        {{ said }}
        <template v-if="last"
          >That was the last team.
          <RouterLink v-if="isTeacher" :to="inRound(`/rallies/${id}/results`)">See the results</RouterLink>
        </template>
      </p>
      <h2>{{ current.name }}</h2>
      <p v-if="stands.length > 0" class="heed" role="status">
        This team has results already. {{ stands.join(', ') }}. What you save here is added to them.
      </p>
      <SheetForm
        :key="`${current.id} ${round}`"
        :rally="id"
        :team="current.id"
        :round="round"
        :blocks="papers.data.value.blocks"
        :day="papers.data.value.day ?? ''"
        @kept="onKept"
      />
    </template>
    <WhoLine v-if="!isTeacher" />
  </main>
</template>

<style scoped>
nav {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  padding-block: var(--space-4);
}
nav a {
  display: inline-flex;
  align-items: center;
  gap: var(--space-3);
  min-height: 32px;
  overflow-wrap: anywhere;
}
nav a[aria-current] {
  font-weight: 750;
}
h2 {
  overflow-wrap: anywhere;
  padding-block: var(--space-2);
}
</style>
