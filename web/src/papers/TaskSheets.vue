<script setup lang="ts">
import { computed } from 'vue'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** What a team does and answers on paper, in an order that gives nothing away. */
const now = usePrinting()
const tasks = computed(() => now.on.papers?.tasks ?? [])
const teams = computed(() => (now.teams.length > 0 ? now.teams : [undefined]))
</script>

<template>
  <p v-if="tasks.length === 0" class="muted">This brief has no tasks that are answered on paper.</p>
  <template v-for="t in teams" :key="t?.id ?? ''">
    <PaperSheet v-for="task in tasks" :key="task.title" :title="task.title" :team="t" blank-team>
      <p>
        {{ task.way }}<template v-if="task.bins.length > 0"> There is: {{ task.bins.join(', ') }}.</template>
      </p>
      <table class="ruled">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">{{ task.heading }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="thing in task.things" :key="thing">
            <th scope="row">{{ thing }}</th>
            <td class="room"></td>
          </tr>
        </tbody>
      </table>
    </PaperSheet>
  </template>
</template>

<style scoped>
.room {
  width: 45%;
  height: 10mm;
}
</style>
