<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Entry } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import { useLive } from '@/shared/useLive'
import { useLoad } from '@/shared/useLoad'
import { recorded } from '@/shared/useDone'
import { useOutbox } from '@/shared/useOutbox'
import TeamLooksBack from '@/stations/debrief/TeamLooksBack.vue'
import TeamAnswers from './TeamAnswers.vue'
import TeamVotes from './TeamVotes.vue'

/** The talk on a team's own device: its answers, what it learned, its votes. It sees its own words and no place. */
const props = defineProps<{ rally: string }>()
const team = useLocalStorage(`talk:${props.rally}`, '')
const talk = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/talk', { params: { path: { id: props.rally }, query: { team: team.value } } })),
)
const tick = ref(0)
const { connected } = useLive(props.rally, () => tick.value++)
watch([tick, team], () => void talk.load(), { immediate: true })
const outbox = useOutbox(props.rally, () => tick.value++)
const record = (entry: Entry) => outbox.record(entry)
const now = computed(() => talk.data.value)
const marks = computed(() => teamMarks(now.value?.teams ?? []))
const waiting = computed(() => outbox.unsent.value.filter((u) => !u.refusal).length)
</script>

<template>
  <main id="main" class="talk">
    <LoadNote v-if="!now" :state="talk.state.value" :refusal="talk.refusal.value" what="the talk" @again="talk.load" />
    <template v-else>
      <StationHead :title="now.title" :next="now.team ? now.team.name : 'Which team are you?'" />
      <p v-if="!connected" class="heed" role="status">No connection. What you write is kept here and sent later.</p>
      <p v-else-if="waiting > 0" class="small muted" role="status">
        {{ waiting === 1 ? '1 line is' : `${waiting} lines are` }} waiting to be sent.
      </p>
      <ul v-if="!now.team" class="teams">
        <li v-for="t in now.teams" :key="t.id">
          <Button variant="outlined" severity="secondary" fluid @click="team = t.id">
            <TeamPennant :mark="marks.get(t.id)!" :width="64" /><span class="name">{{ t.name }}</span>
          </Button>
        </li>
      </ul>
      <template v-else>
        <div class="us">
          <TeamPennant :mark="marks.get(now.team.team)!" :width="92" />
          <Button
            v-if="!now.chosen"
            label="Choose another team"
            variant="text"
            severity="secondary"
            @click="team = ''"
          />
        </div>
        <TeamAnswers
          :key="`${now.team.team} ${now.round}`"
          :rally="rally"
          :questions="now.questions"
          :team="now.team.team"
          :round="now.round"
          :record="(entry) => recorded(record(entry))"
        />
        <section aria-labelledby="learned">
          <h2 id="learned">What we learned</h2>
          <TeamLooksBack
            :key="`${now.team.team} ${now.round}`"
            own
            :rally="rally"
            :team="now.team"
            :round="now.round"
            :record="record"
          />
        </section>
        <TeamVotes
          v-if="now.votes.length > 0"
          :key="`${now.team.team} votes`"
          :votes="now.votes"
          :teams="now.teams.filter((t) => t.id !== team)"
          :team="team"
          :round="now.round"
          :record="record"
        />
      </template>
    </template>
  </main>
</template>

<style scoped>
.talk {
  max-width: calc(var(--walk) + 2 * var(--margin));
  margin-inline: auto;
  padding: var(--space-5) var(--margin) var(--space-9);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-6);
  font-size: var(--size-lead);
}
.teams {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(20rem, 100%), 1fr));
  gap: var(--space-3);
}
.teams button {
  min-height: calc(var(--touch) + 8px);
  justify-content: flex-start;
  gap: var(--space-4);
  background: var(--sheet);
}
.name {
  font: 650 var(--size-lead) / 1.2 var(--text);
  text-align: left;
  overflow-wrap: anywhere;
}
.us {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
</style>
