<script setup lang="ts">
import { computed } from 'vue'
import WhoLine from '@/access/WhoLine.vue'
import { useWho } from '@/access/useWho'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { shortDay } from '@/shared/days'
import DayCode from './DayCode.vue'
import DayPlan from './DayPlan.vue'
import { slotSays, useDay } from './useDay'

/** A fair day: the page that helpers start from. The teacher makes the plan, the code and the certificates here. */
const props = defineProps<{ day: string }>()
const { isTeacher } = useWho()
const day = useDay(props.day)
const rallies = computed(() => day.data.value?.rallies ?? [])
/** The list begins here; the whole of it has a page. */
const few = 10
const list = (title: string) => rallies.value.filter((r) => r.title === title).map((r) => r.rally)
</script>

<template>
  <main id="main" class="desk stack">
    <LoadNote
      v-if="!day.data.value"
      :state="day.state.value"
      :refusal="day.refusal.value"
      what="the day"
      @again="day.load"
    />
    <template v-else>
      <StationHead
        :title="day.data.value.name"
        :next="`${shortDay(day.data.value.date)}. Go to your table, and open its rally here.`"
      >
        <RouterLink v-if="isTeacher" class="small" :to="`/days/${props.day}/board`">Rotating board</RouterLink>
      </StationHead>
      <p v-if="rallies.length === 0" class="muted">No rallies in this fair day yet. Add them below.</p>
      <ol class="rallies">
        <li v-for="r in rallies" :key="r.rally">
          <h2>{{ r.name }}</h2>
          <p>
            {{ [r.title, slotSays(r)].filter(Boolean).join('. ') }}.
            {{
              r.left === 0 ? 'All teams have been tested.' : `${r.teams - r.left} of ${r.teams} teams have been tested.`
            }}
          </p>
          <table v-if="r.left > 0" class="rows">
            <thead>
              <tr>
                <th scope="col">Table</th>
                <th scope="col">Now</th>
                <th scope="col">Next</th>
                <th scope="col">Left</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="t in r.tables" :key="t.table">
                <td>{{ t.table }}</td>
                <td>
                  <b>{{ t.now || 'done' }}</b>
                </td>
                <td>{{ t.next }}</td>
                <td>{{ t.left }}</td>
              </tr>
            </tbody>
          </table>
          <p class="ways">
            <RouterLink v-if="r.role === 'judge' || isTeacher" :to="`/rallies/${r.rally}/score`" class="go"
              >Judge {{ r.name }}</RouterLink
            >
            <template v-if="isTeacher">
              <RouterLink class="small" :to="`/rallies/${r.rally}/results`">Results</RouterLink>
              <RouterLink class="small" :to="`/rallies/${r.rally}/papers?print=judge`">Judges’ sheets</RouterLink>
              <RouterLink
                class="small"
                :to="`/rallies/${r.rally}/papers?print=certificates`"
                :aria-label="`Certificates of ${r.name}`"
                >Certificates</RouterLink
              >
            </template>
          </p>
        </li>
      </ol>
      <section v-for="l in day.data.value.lists" :key="l.title" :aria-label="`Combined results: ${l.title}`">
        <h2>Combined results: {{ l.title }}</h2>
        <template v-if="isTeacher">
          <p v-for="d in l.differs" :key="d" class="heed">{{ d }}</p>
        </template>
        <p class="muted">{{ l.winsText }}</p>
        <table class="rows">
          <tbody>
            <tr v-for="r in l.rows.slice(0, few)" :key="`${r.class} ${r.name}`">
              <td>{{ r.place ?? '–' }}</td>
              <th scope="row">{{ r.name }}</th>
              <td>{{ r.class }}</td>
              <td class="figures">{{ r.text || 'not placed' }}</td>
            </tr>
          </tbody>
        </table>
        <RouterLink v-if="isTeacher" :to="{ path: '/over-all', query: { rally: list(l.title), day: props.day } }">{{
          l.rows.length > few ? `All ${l.rows.length} teams, and how they are combined` : 'How they are combined'
        }}</RouterLink>
      </section>
      <template v-if="isTeacher">
        <DayCode v-if="rallies.length > 0" :rallies="rallies.map((r) => r.rally)" />
        <DayPlan :day="props.day" @changed="day.load" />
      </template>
      <WhoLine v-else />
    </template>
  </main>
</template>

<style scoped>
.rallies > li {
  border-bottom: var(--rule);
  padding-block: var(--space-4);
  display: grid;
  gap: var(--space-2);
  justify-items: start;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  align-items: center;
}
.go {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  font-weight: 700;
}
section {
  padding-top: var(--space-5);
}
</style>
