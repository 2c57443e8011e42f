<script setup lang="ts">
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import type { RallyOnWall } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useRallyOnWall } from '@/shared/openRally'
import { purposeNames } from '@/shared/purposes'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import TeamMasts from './TeamMasts.vue'
import { useOnWall } from './useOnWall'

/**
 * The board: pennants on their masts, the table beside; places appear from the last to the first as they are revealed.
 */
const props = defineProps<{ rally: RallyOnWall; round: number; tick: number }>()
const standings = useOnWall(props, (params) => ask(api.GET('/api/rallies/{id}/wall/board', { params })))
/** Where there have been several rounds, it says which one this is of. */
const { round: running } = useRallyOnWall()
const ofRound = computed(() => (running.value > 1 && !standings.data.value?.overRounds ? `, round ${props.round}` : ''))
const marks = computed(() => teamMarks(props.rally.teams))
const total = computed(() => standings.data.value?.places ?? 0)
/** The server sends what is revealed, and no more. */
const rows = computed(() => standings.data.value?.rows ?? [])
const hidden = computed(() => total.value - rows.value.length)
const size = computed(() => (total.value <= 8 ? 'large' : total.value <= 12 ? 'middle' : 'small'))
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
    <template v-else>
      <header>
        <h1>{{ standings.data.value.title || rally.title }}{{ ofRound }}</h1>
        <p>{{ standings.data.value.winsText }}</p>
      </header>
      <ul v-if="!standings.data.value.ranking" class="each">
        <li v-for="row in rows" :key="row.team">
          <TeamPennant :mark="marks.get(row.team)!" :width="92" />
          <span
            ><b>{{ row.name }}</b> <span v-for="m in row.met" :key="m" class="met">{{ m }}</span></span
          >
        </li>
      </ul>
      <div v-else class="two">
        <TeamMasts
          :teams="rally.teams"
          :marks="marks"
          :rows="rows"
          :references="standings.data.value.references"
          :wins="standings.data.value.wins"
        />
        <table :class="size">
          <caption class="out-of-sight">
            Standings of
            {{
              rally.name
            }}
          </caption>
          <tbody>
            <tr v-for="n in hidden" :key="`hidden ${n}`" class="hidden">
              <td class="place">{{ n }}</td>
              <td colspan="2">
                <span class="stitches" aria-hidden="true"></span><span class="out-of-sight">not revealed yet</span>
              </td>
            </tr>
            <tr v-for="row in rows" :key="row.team" :class="row.status">
              <td class="place">{{ row.place ?? '–' }}</td>
              <th v-if="row.total == null && row.totalText" scope="row" colspan="2">
                {{ row.name }} <span class="met">{{ row.totalText }}</span>
              </th>
              <th v-else scope="row">{{ row.name }}</th>
              <td v-if="row.total != null || !row.totalText" class="total figures">
                {{
                  row.totalText ||
                  (row.status === 'unfinished' ? 'to come' : row.status === 'away' ? 'away' : 'not placed')
                }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <ul v-if="standings.data.value.references.length > 0" class="against">
        <li v-for="r in standings.data.value.references" :key="r.name">
          <span class="muted">{{ purposeNames[r.purpose] }}</span> {{ r.name }}
          <b class="figures">{{ r.says || 'to come' }}</b>
        </li>
      </ul>
    </template>
  </main>
</template>

<style scoped>
.wall {
  padding: 2rem 3rem;
  display: grid;
  grid-template-rows: auto 1fr auto;
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
.each {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(36rem, 1fr));
  gap: 1rem 2.5rem;
  align-content: start;
  font-size: 2rem;
}
.each li {
  display: flex;
  gap: 1rem;
  align-items: center;
  border-bottom: 2px dashed var(--line);
  padding-bottom: 0.4rem;
}
.against {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 2.5rem;
  font-size: 1.6rem;
  border-top: 3px dashed var(--line);
  padding-top: 0.75rem;
}
.met {
  display: block;
  color: var(--muted);
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 2.5rem;
  align-items: start;
}
table {
  width: 100%;
}
td,
th {
  padding: 0.3rem 0.5rem;
  text-align: left;
  font-weight: 600;
  line-height: 1.15;
  border-bottom: 2px dashed var(--line);
  overflow-wrap: anywhere;
}
.large {
  font-size: 2.2rem;
}
.middle,
.small {
  font-size: 2rem;
}
.small td,
.small th {
  padding-block: 0;
}
.place {
  font-family: var(--title);
  font-weight: 800;
  width: 3.5rem;
  color: var(--marigold);
}
.hidden .place {
  color: var(--muted);
}
.stitches {
  display: block;
  height: 0.6em;
  border-bottom: 4px dashed var(--line);
}
.total {
  text-align: right;
  font-weight: 750;
}
</style>
