<script setup lang="ts">
import { computed } from 'vue'
import type { RallyOfDay } from '@/api/names'
import { useWho } from '@/access/useWho'
import { tablePath } from './myTable'
import { slotSays } from './useDay'

/** Where a helper begins: the tables of the day, those that the plan gives to this helper first. */
const props = defineProps<{ day: string; rallies: readonly RallyOfDay[] }>()
const { who } = useWho()
const same = (name: string) => name.trim().toLowerCase() === who.value?.name.trim().toLowerCase()
/** Where this device may record. */
const own = computed(() => props.rallies.filter((r) => r.role === 'helper' || r.role === 'judge'))
const tables = computed(() =>
  own.value.flatMap((r) =>
    r.tables.map((t) => ({
      key: `${r.rally} ${t.table}`,
      to: tablePath({ day: props.day, rally: r.rally, table: t.table }),
      name: `${r.name}, table ${t.table}`,
      where: slotSays(r),
      helper: r.helpers[t.table - 1] ?? '',
      left: t.line.length,
    })),
  ),
)
const mine = computed(() => tables.value.filter((t) => t.helper && same(t.helper)))
const others = computed(() => tables.value.filter((t) => !mine.value.includes(t)))
const leftSays = (left: number) => (left === 0 ? 'done' : left === 1 ? '1 team to test' : `${left} teams to test`)
</script>

<template>
  <p v-if="tables.length === 0" class="muted">
    This device has no table here. <RouterLink :to="`/days/${props.day}/board`">Open the board</RouterLink>
  </p>
  <section
    v-for="g in [
      { id: 'mine', title: 'Your tables', of: mine },
      { id: 'all', title: mine.length > 0 ? 'Other tables' : 'Which table are you at?', of: others },
    ].filter((g) => g.of.length > 0)"
    :key="g.id"
    :aria-labelledby="g.id"
  >
    <h2 :id="g.id">{{ g.title }}</h2>
    <ul>
      <li v-for="t in g.of" :key="t.key">
        <RouterLink :to="t.to">{{ t.name }}</RouterLink>
        <span class="small muted">{{
          [t.where, t.helper && g.id === 'all' ? `with ${t.helper}` : '', leftSays(t.left)].filter(Boolean).join(', ')
        }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 var(--space-4);
  border-bottom: var(--rule);
  padding-block: var(--space-2);
}
a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  font-weight: 700;
}
</style>
