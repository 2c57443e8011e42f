<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask } from '../../api/client'
import LoadNote from '../../shared/LoadNote.vue'
import TeamPennant from '../../shared/TeamPennant.vue'
import { useRally } from '../../shared/openRally'
import { teamMarks } from '../../shared/teamMarks'
import { useLoad } from '../../shared/useLoad'

/** The standings for the projector: read from far away, nothing to touch. */
const { rally, round, tick } = useRally()
const standings = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/results', {
      params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value } },
    }),
  ),
)
watch([round, tick], () => void standings.load(), { immediate: true })
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
const rows = computed(() => standings.data.value?.rows ?? [])
/** How tall the rows may be so that all teams fit. */
const size = computed(() => (rows.value.length <= 8 ? 'large' : rows.value.length <= 12 ? 'middle' : 'small'))
</script>

<template>
  <main id="main" class="wall">
    <LoadNote
      v-if="!standings.data.value"
      :state="standings.state.value"
      :refusal="standings.refusal.value"
      what="the standings"
      @again="standings.load"
    />
    <template v-else-if="rally">
      <header>
        <h1>{{ rally.brief.title }}</h1>
        <p>{{ standings.data.value.winsText }}</p>
      </header>
      <table :class="size">
        <caption class="out-of-sight">
          Standings of
          {{
            rally.name
          }}
        </caption>
        <tbody>
          <tr v-for="row in rows" :key="row.team" :class="row.status">
            <td class="place">{{ row.place ?? '–' }}</td>
            <th scope="row">
              <div class="team">
                <TeamPennant :mark="marks.get(row.team)!" :width="92" />
                <span>{{ row.name }}</span>
              </div>
            </th>
            <td class="says">
              {{ row.status === 'placed' ? '' : row.status === 'unfinished' ? 'still to come' : 'not placed' }}
            </td>
            <td class="total">{{ row.totalText }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </main>
</template>

<style scoped>
.wall {
  min-height: 100vh;
  background: var(--paper);
  color: var(--ink);
  padding: 2rem 3rem;
  display: grid;
  align-content: start;
  gap: 1.25rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0.5rem 2rem;
  border-bottom: 3px dashed var(--line);
  padding-bottom: 1rem;
}
h1 {
  font-size: 3.2rem;
}
header p {
  font-size: 2rem;
  color: var(--muted);
}
table {
  width: 100%;
}
td,
th {
  padding: 0.35rem 0.75rem;
  text-align: left;
  font-weight: 500;
  border-bottom: 2px dashed var(--line);
}
.large {
  font-size: 2.4rem;
}
.middle {
  font-size: 2rem;
}
.small {
  font-size: 2rem;
}
.small td,
.small th {
  padding-block: 0;
}
.team {
  display: flex;
  align-items: center;
  gap: 1.5rem;
  line-height: 1.15;
}
.place {
  font-family: var(--title);
  font-weight: 800;
  width: 4.5rem;
  color: var(--marigold);
}
.total {
  text-align: right;
  font-weight: 750;
}
.says {
  text-align: right;
  color: var(--muted);
  font-size: 2rem;
}
</style>
