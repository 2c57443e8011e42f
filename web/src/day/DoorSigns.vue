<script setup lang="ts">
import { computed } from 'vue'
import type { RallyOfDay } from '@/api/names'
import DaySheet from './DaySheet.vue'
import { timesSay } from './useDay'

/** A sign for each door: who is in there, and when. */
const props = defineProps<{ about: string; rallies: readonly RallyOfDay[] }>()
const places = computed(() => {
  const found = new Map<string, RallyOfDay[]>()
  for (const r of props.rallies) found.set(r.where.trim(), [...(found.get(r.where.trim()) ?? []), r])
  return [...found].map(([where, rallies]) => ({ where, rallies }))
})
</script>

<template>
  <DaySheet v-for="p in places" :key="p.where" :title="p.where || 'Place not decided yet'" :about="about">
    <ol class="who">
      <li v-for="r in p.rallies" :key="r.rally">
        <p class="time">{{ timesSay(r) }}</p>
        <p class="name">{{ r.name }}</p>
        <p>{{ r.title }}</p>
      </li>
    </ol>
  </DaySheet>
</template>

<style scoped>
.who {
  display: grid;
  gap: 1.2em;
}
.time {
  font-size: 1.6em;
}
.name {
  font: 700 2.2em var(--title);
}
</style>
