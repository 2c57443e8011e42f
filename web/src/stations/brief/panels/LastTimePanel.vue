<script setup lang="ts">
import type { BriefMemory } from '@/api/names'
import { useWriting } from '@/fields/writing'
import { shortDay } from '@/shared/days'

/**
 * What earlier rallies of this brief leave: what could be taken over, then rally by rally what was noted, missing, and
 * how long it took.
 */
defineProps<{ memory: BriefMemory | undefined }>()
const { applyChanges } = useWriting()
const minutes = (n: number) => (n === 1 ? '1 minute' : `${n} minutes`)
</script>

<template>
  <section aria-labelledby="last-time">
    <h2 id="last-time">Last time</h2>
    <p v-if="!memory || memory.rallies.length === 0" class="muted">
      No class has run it yet. What is noted in a rally, and how long its phases took, comes back here.
    </p>
    <template v-else>
      <ul v-if="memory.offers.length > 0" class="offers">
        <li v-for="o in memory.offers" :key="o.says">
          <p>{{ o.says }}</p>
          <button type="button" class="fix" @click="applyChanges(o.fix.changes)">{{ o.fix.label }}</button>
        </li>
      </ul>
      <article v-for="r in memory.rallies" :key="r.rally">
        <h3>
          <RouterLink :to="`/rallies/${r.rally}/debrief`">{{ r.name }}</RouterLink>
          <span v-if="r.date" class="small muted day">{{ shortDay(r.date) }}</span>
        </h3>
        <ul>
          <li v-for="n in r.memory.notes" :key="n.entry">
            <span v-if="n.question" class="small muted question">{{ n.question }}</span>{{ n.text }}
          </li>
          <li v-for="m in r.memory.missing" :key="m">Missing afterwards: {{ m }}</li>
          <li v-for="l in r.memory.loads" :key="l">{{ l }}</li>
          <li v-if="r.memory.best">
            Best {{ r.memory.best.name }}: {{ r.memory.best.text }}, {{ r.memory.best.team }}
          </li>
        </ul>
        <p v-if="r.memory.phases.length > 0" class="small">
          <template v-for="(p, i) in r.memory.phases" :key="p.phase"
            >{{ i > 0 ? ', ' : '' }}{{ p.name }} {{ minutes(p.took) }} of {{ p.planned }}</template
          >
        </p>
      </article>
    </template>
  </section>
</template>

<style scoped>
.offers li {
  border-left: 5px solid var(--marigold);
  padding: var(--space-2) 0 var(--space-2) var(--space-4);
  margin-top: var(--space-3);
}
article {
  border-top: var(--rule);
  margin-top: var(--space-4);
  padding-top: var(--space-3);
}
h3 {
  font-size: var(--size-text);
}
.day {
  padding-left: var(--space-3);
}
.question {
  display: block;
}
article li {
  padding: var(--space-1) 0;
  overflow-wrap: anywhere;
}
</style>
