<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import ListOnWall from '@/shared/ListOnWall.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useAwake } from '@/shared/useAwake'
import { slotSays, useDay } from './useDay'

/**
 * The board of a fair day: it goes round who is where, each rally, and the lists over all. Nothing to touch; read from
 * eight metres.
 */
const props = defineProps<{ day: string }>()
const day = useDay(props.day)
/** A page of the board hangs so many seconds, unless its address says otherwise. */
const hangs = 1000 * (Number(useRoute().query.seconds) || 12)
const at = ref(0)
/** How many teams of a list can be read at once from eight meters; every team comes by. */
const most = 10
type Page = { kind: 'now' } | { kind: 'rally'; rally: string } | { kind: 'list'; title: string; from: number }
const pages = computed<Page[]>(() => [
  { kind: 'now' },
  ...(day.data.value?.rallies ?? []).filter((r) => r.left > 0).map((r): Page => ({ kind: 'rally', rally: r.rally })),
  ...(day.data.value?.listOnBoard ? day.data.value.lists : []).flatMap((l) =>
    Array.from({ length: Math.ceil(l.rows.length / most) }, (_, i): Page => ({
      kind: 'list',
      title: l.title,
      from: i * most,
    })),
  ),
])
useIntervalFn(() => (at.value = (at.value + 1) % pages.value.length), hangs)
const page = computed(() => pages.value[at.value % pages.value.length]!)
const rally = computed(() => {
  const p = page.value
  return p.kind === 'rally' ? day.data.value?.rallies.find((r) => r.rally === p.rally) : undefined
})
const list = computed(() => {
  const p = page.value
  const whole = p.kind === 'list' ? day.data.value?.lists.find((l) => l.title === p.title) : undefined
  if (!whole || p.kind !== 'list') return undefined
  const rows = whole.rows.slice(p.from, p.from + most)
  const which =
    whole.rows.length > most ? `${p.from + 1} to ${p.from + rows.length} of ${whole.rows.length} teams. ` : ''
  return { title: whole.title, says: which + whole.winsText, rows }
})
useAwake()
</script>

<template>
  <main id="main" class="wall board">
    <LoadNote
      v-if="!day.data.value"
      :state="day.state.value"
      :refusal="day.refusal.value"
      what="the day"
      @again="day.load"
    />
    <template v-else>
      <header>
        <h1>{{ rally?.name ?? list?.title ?? day.data.value.name }}</h1>
        <p>{{ rally ? slotSays(rally) : (list?.says ?? '') }}</p>
      </header>
      <table v-if="page.kind === 'now'">
        <caption class="out-of-sight">
          Who is where
        </caption>
        <tbody>
          <tr v-for="r in day.data.value.rallies" :key="r.rally">
            <th scope="row">{{ r.name }}</th>
            <td>{{ slotSays(r) }}</td>
            <td>
              <b>{{
                r.left === 0
                  ? 'done'
                  : r.tables
                      .map((t) => t.line[0]?.name)
                      .filter(Boolean)
                      .join(', ')
              }}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <table v-else-if="rally">
        <caption class="out-of-sight">
          The tables
        </caption>
        <tbody>
          <tr v-for="t in rally.tables" :key="t.table">
            <td>Table {{ t.table }}</td>
            <th scope="row">{{ t.line[0]?.name ?? 'done' }}</th>
            <td>{{ t.line[1] ? `then ${t.line[1].name}` : '' }}</td>
          </tr>
        </tbody>
      </table>
      <ListOnWall v-else-if="list" :rows="list.rows" />
      <p v-if="rally" class="tested">{{ rally.teams - rally.left }} of {{ rally.teams }} teams have been tested</p>
    </template>
  </main>
</template>

<style scoped>
.board {
  padding: var(--space-7) var(--space-8);
  font-size: 2rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: var(--space-3) var(--space-7);
  border-bottom: 3px solid var(--line);
  padding-bottom: var(--space-4);
}
h1 {
  font-size: 3rem;
}
header p,
.tested {
  color: var(--muted);
}
table {
  width: 100%;
}
td,
th {
  text-align: left;
  font-weight: 600;
  padding: var(--space-2) var(--space-4);
  border-bottom: 2px solid var(--line);
  line-height: 1.2;
}
</style>
