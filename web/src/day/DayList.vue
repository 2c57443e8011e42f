<script setup lang="ts">
import { computed } from 'vue'
import type { ListOfDay } from '@/api/names'
import { useWho } from '@/access/useWho'

/** The combined results of one brief on a fair day: the beginning of each list; the whole of it has a page. */
const props = defineProps<{ day: string; list: ListOfDay }>()
const { isTeacher } = useWho()
const few = 10
const teams = computed(() => props.list.lists.reduce((sum, l) => sum + l.rows.length, 0))
const cut = computed(() => props.list.lists.some((l) => l.rows.length > few))
</script>

<template>
  <section :aria-label="`Combined results: ${list.title}`">
    <h2>Combined results: {{ list.title }}</h2>
    <template v-if="isTeacher">
      <p v-for="d in list.differs" :key="d" class="heed">{{ d }}</p>
    </template>
    <p class="muted">{{ list.winsText }}</p>
    <template v-for="l in list.lists" :key="l.name">
      <h3 v-if="l.name">{{ l.name }}</h3>
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
    </template>
    <RouterLink v-if="isTeacher" :to="{ path: '/over-all', query: { rally: list.rallies, day } }">{{
      cut ? `All ${teams} teams, and how they are combined` : 'How they are combined'
    }}</RouterLink>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
</style>
