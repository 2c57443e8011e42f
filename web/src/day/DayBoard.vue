<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import ListOnWall from '@/shared/ListOnWall.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useAwake } from '@/shared/useAwake'
import { useLoad } from '@/shared/useLoad'
import { boardPages } from './boardPages'
import { slotSays } from './useDay'

/** The board of a fair day, for a projector: it shows what the teacher chose, and its pages turn by themselves. */
const props = defineProps<{ day: string }>()
const board = useLoad(() => ask(api.GET('/api/days/{id}/board', { params: { path: { id: props.day } } })))
void board.load()
/** How often it looks for news, in milliseconds: a reveal is waited for. */
useIntervalFn(() => void board.load(), 2_000)
/** A page of the board hangs so many seconds, unless its address says otherwise. */
const hangs = 1000 * (Number(useRoute().query.seconds) || 12)
const at = ref(0)
const pages = computed(() => (board.data.value ? boardPages(board.data.value) : []))
useIntervalFn(() => (at.value = (at.value + 1) % Math.max(1, pages.value.length)), hangs)
const page = computed(() => pages.value[at.value % pages.value.length])
useAwake()
</script>

<template>
  <main id="main" class="wall board">
    <LoadNote
      v-if="!board.data.value || !page"
      :state="board.state.value"
      :refusal="board.refusal.value"
      what="the board"
      @again="board.load"
    />
    <template v-else>
      <header>
        <h1>{{ 'title' in page ? page.title : board.data.value.name }}</h1>
        <p>{{ 'says' in page ? page.says : '' }}</p>
      </header>
      <table v-if="page.kind === 'where'">
        <caption class="out-of-sight">
          Who is where
        </caption>
        <tbody>
          <tr v-for="r in page.rallies" :key="r.name">
            <th scope="row">{{ r.name }}</th>
            <td>{{ slotSays(r) }}</td>
            <td>{{ r.left === 0 ? 'done' : `${r.teams - r.left} of ${r.teams} tested` }}</td>
          </tr>
        </tbody>
      </table>
      <table v-else-if="page.kind === 'tables'">
        <thead>
          <tr>
            <th scope="col">Table</th>
            <th scope="col">Now</th>
            <th scope="col">Next</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in page.rows" :key="`${r.of} ${r.table.table}`">
            <td>{{ r.of }}, table {{ r.table.table }}</td>
            <th scope="row">{{ r.table.line[0]?.name ?? 'done' }}</th>
            <td>{{ r.table.line[1]?.name ?? '' }}</td>
          </tr>
        </tbody>
      </table>
      <ListOnWall v-else-if="page.kind === 'list'" :rows="page.rows" />
      <div v-else-if="page.kind === 'reveal'" class="lists">
        <section v-for="l in page.lists" :key="l.name" :aria-label="l.name || page.title">
          <h2 v-if="l.name">{{ l.name }}</h2>
          <ListOnWall :rows="l.rows" :short="page.lists.length > 1" />
        </section>
      </div>
      <ul v-else-if="page.kind === 'awards'" class="awards">
        <li v-for="a in page.awards" :key="`${a.class} ${a.name}`">
          <b>{{ a.says }}</b> <span>{{ a.class }}</span>
        </li>
      </ul>
      <p v-if="pages.length > 1" class="count" aria-hidden="true">
        <span v-for="n in pages.length" :key="n" :class="{ here: n === (at % pages.length) + 1 }"></span>
      </p>
    </template>
  </main>
</template>

<style scoped>
.board {
  padding: var(--space-6) var(--space-8);
  /* As large as twelve rows allow on a wall of any shape. */
  font-size: min(2.3vw, 4.1vh);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  gap: var(--space-4);
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: var(--space-2) var(--space-7);
  border-bottom: 3px solid var(--line);
  padding-bottom: var(--space-3);
}
h1 {
  font-size: 1.6em;
}
h2 {
  font-size: 1em;
  color: var(--marigold);
}
header p,
.awards span {
  color: var(--muted);
}
table {
  width: 100%;
}
td,
th {
  text-align: left;
  font-weight: 600;
  padding: 0.15em 0.4em;
  border-bottom: 2px solid var(--line);
  line-height: 1.2;
}
thead th {
  color: var(--muted);
}
.lists {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12em, 1fr));
  gap: var(--space-6);
}
.awards {
  display: grid;
  gap: var(--space-4);
}
.count {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
.count span {
  height: 6px;
  width: 28px;
  background: var(--line);
}
.count .here {
  background: var(--marigold);
}
</style>
