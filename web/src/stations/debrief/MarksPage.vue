<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { MarkRow } from '@/api/names'
import UnsentNote from '@/log/UnsentNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import { written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import { useLoad } from '@/shared/useLoad'
import { useOutbox } from '@/shared/useOutbox'

/**
 * The teacher's marks, by levels: for a team, or for each of its students. No points, and nobody else is shown them.
 */
const { rally, round, tick, news, inRound } = useRally()
const id = rally.value?.id ?? ''
const outbox = useOutbox(id, news)
const students = ref(false)
const sheet = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/marks', { params: { path: { id }, query: { round: round.value } } })),
)
watch([round, tick], () => void sheet.load(), { immediate: true })
const mark = (row: MarkRow, criterion: string, level: number) =>
  outbox.record(written(row.team, round.value, { kind: 'markGiven', criterion, level, pupil: row.student }))
const whoIs = (row: MarkRow) => row.studentName || row.name
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead title="Marks" next="Not part of the points, and shown to nobody else.">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
      <RouterLink :to="inRound(`/rallies/${id}/debrief`)">Debrief</RouterLink>
      <a :href="`/api/rallies/${id}/marks.csv?round=${round}`" download>CSV</a>
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <LoadNote
      v-if="!sheet.data.value"
      :state="sheet.state.value"
      :refusal="sheet.refusal.value"
      what="the marks"
      @again="sheet.load"
    />
    <p v-else-if="sheet.data.value.criteria.length === 0" class="muted">
      The brief marks nothing.
      <RouterLink :to="inRound(`/rallies/${id}/mend`)">Edit the brief</RouterLink>: under Teacher, say what is looked at
      and its levels.
    </p>
    <template v-else>
      <p v-if="sheet.data.value.rows.some((r) => r.student)">
        <label><input v-model="students" type="checkbox" /> each student too</label>
      </p>
      <div class="scroll">
        <table class="rows">
          <thead>
            <tr>
              <th scope="col">Team</th>
              <th v-for="c in sheet.data.value.criteria" :key="c.id" scope="col">{{ c.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="r in sheet.data.value.rows.filter((o) => students || !o.student)"
              :key="r.team + r.student"
              :class="{ student: r.student }"
            >
              <th scope="row">{{ whoIs(r) }}</th>
              <td v-for="(c, at) in sheet.data.value.criteria" :key="c.id">
                <select
                  class="touch-field"
                  :aria-label="`${c.name}: ${whoIs(r)}`"
                  :value="r.levels[at]"
                  @change="mark(r, c.id, Number(($event.target as HTMLSelectElement).value))"
                >
                  <option :value="0">–</option>
                  <option v-for="(l, n) in c.levels" :key="l" :value="n + 1">{{ l }}</option>
                </select>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </main>
</template>

<style scoped>
.student th {
  font-weight: 400;
  padding-left: 1.5rem;
}
</style>
