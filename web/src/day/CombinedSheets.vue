<script setup lang="ts">
import type { ListOfDay } from '@/api/names'
import DaySheet from './DaySheet.vue'

/** The combined results on paper, every team of them: to pin up, and to hand out. */
defineProps<{ about: string; lists: readonly ListOfDay[] }>()
</script>

<template>
  <p v-if="lists.length === 0" class="muted">
    No results to combine yet. Results are combined where several classes run one brief.
  </p>
  <template v-for="l in lists" :key="l.rallies.join(' ')">
    <DaySheet v-for="named in l.lists" :key="named.name" :title="named.name || l.title" :about="about">
      <p>{{ [named.name ? `${l.title}.` : '', l.winsText].filter(Boolean).join(' ') }}</p>
      <p v-if="l.missing.length > 0">
        Not final yet: {{ l.missing.length === 1 ? '1 team is' : `${l.missing.length} teams are` }} not finished.
      </p>
      <table class="ruled">
        <thead>
          <tr>
            <th scope="col">Place</th>
            <th scope="col">Team</th>
            <th scope="col">Class</th>
            <th scope="col">Result</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in named.rows" :key="`${r.class} ${r.name}`">
            <td>{{ r.place ?? '–' }}</td>
            <th scope="row">{{ r.name }}</th>
            <td>{{ r.class }}</td>
            <td>{{ r.text || 'not placed' }}</td>
          </tr>
        </tbody>
      </table>
    </DaySheet>
  </template>
</template>
