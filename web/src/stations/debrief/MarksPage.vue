<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
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
import { recorded } from '@/shared/useDone'
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
  recorded(outbox.record(written(row.team, round.value, { kind: 'markGiven', criterion, level, pupil: row.student })))
const whoIs = (row: MarkRow) => row.studentName || row.name
</script>

<template>
  <main v-if="rally" id="main" class="desk stack">
    <StationHead title="Levels" word="levels" next="Not part of the points, and nobody else sees them.">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
      <Button
        as="a"
        :href="`/api/rallies/${id}/marks.csv?round=${round}`"
        download
        label="Download"
        variant="outlined"
      />
      <Button as="router-link" :to="inRound(`/rallies/${id}/debrief`)" label="Debrief" variant="outlined" />
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <LoadNote
      v-if="!sheet.data.value"
      :state="sheet.state.value"
      :refusal="sheet.refusal.value"
      what="the levels"
      @again="sheet.load"
    />
    <p v-else-if="sheet.data.value.criteria.length === 0" class="muted">
      The brief has no levels yet.
      <RouterLink :to="inRound(`/rallies/${id}/change`)">Edit the brief</RouterLink>: under Teacher, say what you look
      at and its levels.
    </p>
    <template v-else>
      <p v-if="sheet.data.value.rows.some((r) => r.student)" class="each">
        <ToggleSwitch v-model="students" input-id="each" />
        <label for="each">For each student too</label>
      </p>
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
            <td v-for="(c, at) in sheet.data.value.criteria" :key="c.id" :data-called="c.name">
              <Select
                :model-value="r.levels[at]"
                :options="[{ name: 'Not given', value: 0 }, ...c.levels.map((name, n) => ({ name, value: n + 1 }))]"
                option-label="name"
                option-value="value"
                :aria-label="`${c.name}: ${whoIs(r)}`"
                class="touch"
                fluid
                @update:model-value="(level: number) => mark(r, c.id, level)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </main>
</template>

<style scoped>
.each {
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
.rows td,
.rows th {
  vertical-align: middle;
}
.rows .student th {
  font-weight: 400;
  padding-left: var(--space-6);
}
/* On a phone a team's levels stand below its name, each below what it is of. */
@media (max-width: 700px) {
  thead {
    position: absolute;
    clip-path: inset(50%);
  }
  .rows tr,
  .rows td,
  .rows th {
    display: block;
    padding-inline: 0;
  }
  .rows th {
    border: 0;
    padding-bottom: 0;
  }
  .rows td:not(:last-child) {
    border: 0;
  }
  .rows td::before {
    content: attr(data-called);
    font-size: var(--size-small);
    color: var(--muted);
  }
}
</style>
