<script setup lang="ts">
import type { BriefChange } from '@/api/names'
import { timeOfDay } from '@/shared/days'

/** What was changed in the brief since the rally was begun: when, what, why. */
defineProps<{ changes: readonly BriefChange[] }>()
const holds = (m: BriefChange) =>
  m.onlyThisRound ? `, in round ${m.from} alone` : m.from > 1 ? `, from round ${m.from} on` : ''
const side = (text: string) => text || 'nothing'
</script>

<template>
  <ul>
    <li v-for="m in changes" :key="m.entry">
      <p>
        <b>Since {{ timeOfDay(new Date(m.at)) }}{{ holds(m) }}:</b> {{ m.reason }}
        <slot :changes="m" />
      </p>
      <p v-for="d in m.differs.slice(0, 6)" :key="d.at" class="small">
        {{ d.where }}: {{ side(d.before) }} → {{ side(d.after) }}
      </p>
      <p v-if="m.differs.length > 6" class="small muted">and {{ m.differs.length - 6 }} places more</p>
    </li>
  </ul>
</template>

<style scoped>
li {
  padding: var(--space-2) 0;
  overflow-wrap: anywhere;
}
</style>
