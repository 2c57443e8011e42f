<script setup lang="ts">
import { computed } from 'vue'
import WhoLine from '@/access/WhoLine.vue'
import { useWho } from '@/access/useWho'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { shortDay } from '@/shared/days'
import ChooseTable from './ChooseTable.vue'
import DayPlan from './DayPlan.vue'
import DayRallies from './DayRallies.vue'
import { useDay } from './useDay'

/** A fair day: the page that helpers start from. The teacher plans it here, and finds its code, board and papers. */
const props = defineProps<{ day: string }>()
const { isTeacher } = useWho()
const day = useDay(props.day)
const hint = computed(() =>
  isTeacher.value ? 'Helpers choose their table here.' : 'Choose the table that you help at.',
)
const rallies = computed(() => day.data.value?.rallies ?? [])
/** The list begins here; the whole of it has a page. */
const few = 10
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
      <StationHead :title="day.data.value.name" :next="`${shortDay(day.data.value.date)}. ${hint}`">
        <template v-if="isTeacher">
          <RouterLink class="small" :to="`/days/${props.day}/codes`">Helpers’ code</RouterLink>
          <RouterLink class="small" :to="`/days/${props.day}/board`">Rotating board</RouterLink>
          <a class="small" :href="`/api/days/${props.day}/calendar`" download>Calendar file</a>
        </template>
      </StationHead>
      <ChooseTable v-if="!isTeacher" :day="props.day" :rallies="rallies" />
      <DayRallies v-else :rallies="rallies" />
      <section
        v-for="l in day.data.value.lists"
        :key="l.rallies.join(' ')"
        :aria-label="`Combined results: ${l.title}`"
      >
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
        <RouterLink v-if="isTeacher" :to="{ path: '/over-all', query: { rally: l.rallies, day: props.day } }">{{
          l.rows.length > few ? `All ${l.rows.length} teams, and how they are combined` : 'How they are combined'
        }}</RouterLink>
      </section>
      <template v-if="isTeacher">
        <DayPlan :day="props.day" @changed="day.load" />
      </template>
      <WhoLine v-else />
    </template>
  </main>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
</style>
