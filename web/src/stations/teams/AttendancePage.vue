<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { AttendanceLine, Refusal } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useRally } from '@/shared/openRally'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useLoad } from '@/shared/useLoad'

/** Who is here: a name and one large switch on each line. Teams, jobs and kit follow at once. */
const { rally, round, tick, news, inRound } = useRally()
const id = rally.value?.id ?? ''
const list = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/attendance', { params: { path: { id }, query: { round: round.value } } })),
)
watch([tick, round], () => void list.load(), { immediate: true })
const here = computed(() => list.data.value?.filter((l) => l.here).length ?? 0)
const refusal = ref<Refusal>()
/** The line whose switch was refused: what is said of it stays until it is turned. */
let refusedFor = ''
/** Switches are turned faster than a server answers: each waits for the one before, and shows at once. */
const turned = ref(new Map<string, boolean>())
const isHere = (l: AttendanceLine) => turned.value.get(l.id) ?? l.here
let before: Promise<void> = Promise.resolve()
function turn(line: AttendanceLine) {
  const now = !isHere(line)
  turned.value.set(line.id, now)
  // One that went wrong stops none of those after it.
  const next = () => send(line.id, now)
  before = before.then(next, next)
}
async function send(who: string, now: boolean) {
  const answer = await ask(
    api.PUT('/api/rallies/{id}/attendance/{who}', {
      params: { path: { id, who } },
      body: { here: now, round: round.value },
    }),
  )
  if (answer.ok) list.data.value = answer.data
  if (!answer.ok) [refusal.value, refusedFor] = [refusalOf(answer), who]
  else if (refusedFor === who) refusal.value = undefined
  if (turned.value.get(who) === now) turned.value.delete(who)
  news()
}
</script>

<template>
  <main v-if="rally" id="main" class="walk stack">
    <h1>Attendance</h1>
    <p v-if="list.data.value" role="status">{{ here }} of {{ list.data.value.length }} here</p>
    <RefusalNote :refusal="refusal" />
    <LoadNote
      v-if="!list.data.value"
      :state="list.state.value"
      :refusal="list.refusal.value"
      what="the list"
      @again="list.load"
    />
    <ul v-else>
      <li v-for="line in list.data.value" :key="line.id">
        <button
          type="button"
          role="switch"
          :aria-checked="isHere(line)"
          :aria-label="[line.name, line.note].filter(Boolean).join(', ')"
          @click="turn(line)"
        >
          <span class="who">
            <b>{{ line.name }}</b>
            <span class="small">{{ line.note }}</span>
          </span>
          <span class="track" :class="{ here: isHere(line) }" aria-hidden="true"></span>
          <span class="state" aria-hidden="true">{{ isHere(line) ? 'Here' : 'Absent' }}</span>
        </button>
      </li>
    </ul>
    <p class="ways">
      <Button as="router-link" :to="inRound(`/rallies/${id}/next`)" label="Done" size="large" />
      <Button as="router-link" :to="inRound(`/rallies/${id}/teams`)" label="Teams" variant="outlined" size="large" />
    </p>
  </main>
</template>

<style scoped>
li {
  border-bottom: var(--rule);
}
button[role='switch'] {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 4.5rem;
  gap: var(--space-4);
  align-items: center;
  width: 100%;
  min-height: 60px;
  padding: var(--space-2) 0;
  font: inherit;
  color: inherit;
  text-align: left;
  background: none;
  border: 0;
  cursor: pointer;
}
.who {
  display: grid;
  overflow-wrap: anywhere;
}
.who b {
  font-size: var(--size-lead);
}
.who .small,
[aria-checked='false'] b {
  color: var(--muted);
}
.track {
  display: grid;
  width: 64px;
  height: 36px;
  padding: var(--space-2);
  border: 2px solid var(--edge);
  border-radius: 3px;
  background: var(--paper-deep);
}
.track::before {
  content: '';
  width: 24px;
  height: 24px;
  border-radius: 2px;
  background: var(--edge);
}
.track.here {
  border-color: var(--lagoon);
  background: var(--lagoon);
  justify-content: end;
}
.track.here::before {
  background: var(--sheet);
}
.state {
  font-weight: 650;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  padding-top: var(--space-4);
}
</style>
