<script setup lang="ts">
import { computed } from 'vue'
import type { Shopping } from '@/api/names'
import { shortDay } from '@/shared/days'

/** What is short, for each rally by its day: after the rallies before it have theirs. */
const props = defineProps<{ lines: Shopping['lines'] }>()
const shown = (n: number) => String(Math.round(n * 100) / 100)
const rallies = computed(() => {
  const all = new Map<string, { name: string; date?: string | null; things: string[] }>()
  for (const l of props.lines)
    for (const { name, date, short } of l.for.filter((f) => f.short > 0)) {
      const key = `${date ?? '9999'} ${name}`
      const rally = all.get(key) ?? { name, date, things: [] }
      rally.things.push(`${shown(short)} ${l.unit ? `${l.unit} of ` : ''}${l.name}`)
      all.set(key, rally)
    }
  return [...all].sort(([a], [b]) => a.localeCompare(b)).map(([, rally]) => rally)
})
</script>

<template>
  <section v-for="r in rallies" :key="`${r.date} ${r.name}`" :aria-label="r.name">
    <h3>
      {{ r.name }} <span class="small muted">{{ r.date ? shortDay(r.date) : 'no date yet' }}</span>
    </h3>
    <ul>
      <li v-for="t in r.things" :key="t">{{ t }}</li>
    </ul>
  </section>
</template>

<style scoped>
section {
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
}
ul {
  columns: 14rem;
}
</style>
