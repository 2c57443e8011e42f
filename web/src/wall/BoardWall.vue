<script setup lang="ts">
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import type { RallyOnWall } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useRallyOnWall } from '@/shared/openRally'
import { purposeNames } from '@/shared/purposes'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import TurningPages from '@/shared/TurningPages.vue'
import StillToCome from './StillToCome.vue'
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
const placed = computed(() => rows.value.filter((r) => r.place != null).length)
const hidden = computed(() => total.value - placed.value)
/** Masts where they can be told apart and the names have room beside them; else the pennants stand in the table. */
const masts = computed(() => props.rally.teams.length <= 12 && props.rally.teams.every((t) => t.name.length <= 24))
const size = computed(() => (props.rally.teams.length <= 4 ? 'few' : props.rally.teams.length <= 8 ? 'some' : 'many'))
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
      <TurningPages v-if="!standings.data.value.ranking" :columns="rows.length > 4 ? 2 : 1">
        <ul>
          <li v-for="row in rows" :key="row.team" class="each">
            <TeamPennant :mark="marks.get(row.team)!" :width="92" />
            <span
              ><b>{{ row.name }}</b> <span v-for="m in row.met" :key="m" class="met">{{ m }}</span></span
            >
          </li>
        </ul>
      </TurningPages>
      <div v-else class="ranked" :class="{ two: masts }">
        <TeamMasts
          v-if="masts"
          :teams="rally.teams"
          :marks="marks"
          :rows="rows"
          :references="standings.data.value.references"
          :wins="standings.data.value.wins"
        />
        <TurningPages :newest="placed">
          <table :class="size">
            <caption class="out-of-sight">
              Standings of
              {{
                rally.name
              }}
            </caption>
            <tbody>
              <template v-if="masts">
                <tr v-for="n in hidden" :key="`hidden ${n}`" class="hidden">
                  <td class="place">{{ n }}</td>
                  <td colspan="2">
                    <span class="stitches" aria-hidden="true"></span><span class="out-of-sight">not revealed yet</span>
                  </td>
                </tr>
              </template>
              <tr v-else-if="hidden > 0" class="hidden">
                <td colspan="3"><StillToCome :places="hidden" /></td>
              </tr>
              <tr v-for="(row, i) in rows" :key="row.team" :data-newest="i === 0 || undefined">
                <td class="place">{{ row.place ?? '–' }}</td>
                <th scope="row" :colspan="row.total == null && row.totalText ? 2 : 1">
                  <span class="named">
                    <TeamPennant :mark="marks.get(row.team)!" :width="70" />
                    <span
                      >{{ row.name }}
                      <span v-if="row.total == null && row.totalText" class="met">{{ row.totalText }}</span></span
                    >
                  </span>
                </th>
                <td v-if="row.total != null || !row.totalText" class="total figures">
                  {{ row.totalText || (row.status === 'unfinished' ? 'to come' : 'not placed') }}
                </td>
              </tr>
              <tr v-if="standings.data.value.withoutPlace > 0" class="hidden">
                <td colspan="3">
                  {{
                    standings.data.value.withoutPlace === 1
                      ? '1 team has'
                      : `${standings.data.value.withoutPlace} teams have`
                  }}
                  no place yet
                </td>
              </tr>
            </tbody>
          </table>
        </TurningPages>
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
  height: 100vh;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 2vh;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0.2em 1em;
  border-bottom: 3px solid var(--line);
  padding-bottom: 1vh;
}
h1 {
  font-size: 1.5em;
}
header p,
.met,
.against .muted {
  color: var(--muted);
}
.each {
  display: flex;
  gap: 0.5em;
  align-items: center;
  border-bottom: 2px solid var(--line);
  padding-block: 0.2em;
}
.against {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1em 1.2em;
  border-top: 3px solid var(--line);
  padding-top: 1vh;
}
.met {
  display: block;
}
.ranked {
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  gap: 3vw;
  min-height: 0;
}
.two {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
table {
  width: 100%;
}
td,
th {
  padding: 0.12em 0.25em;
  text-align: left;
  font-weight: 600;
  border-bottom: 2px solid var(--line);
}
.few {
  font-size: 1.5em;
}
.some {
  font-size: 1.15em;
}
.place {
  font-family: var(--title);
  font-weight: 800;
  width: 1.8em;
  color: var(--marigold);
}
.hidden td {
  color: var(--muted);
}
.stitches {
  display: block;
  height: 0.6em;
  border-bottom: 4px dashed var(--line);
}
.named {
  display: flex;
  align-items: center;
  gap: 0.4em;
}
.named > :first-child {
  flex: none;
}
.total {
  text-align: right;
  font-weight: 750;
  white-space: nowrap;
}
</style>
