<script setup lang="ts">
import { computed } from 'vue'
import type { BriefChange, Standing, TraceStep } from '@/api/names'
import ChangeLines from '@/shared/ChangeLines.vue'

/** The way from what was recorded to the place, line by line: on the screen and on a slip. */
const props = defineProps<{ row: Standing; changes: readonly BriefChange[] }>()
const isAmount = (step: TraceStep) => ['points', 'bonus', 'deduction'].includes(step.kind)
const states = { met: 'Met:', missed: 'Not met:', toCheck: 'Still to check:', notChecked: 'Nothing to check:' } as const
const since = computed(() => props.row.parts.filter((p) => p.sinceLastRound))
const against = computed(() => props.row.parts.filter((p) => p.against.length > 0))
const sum = computed(() => props.row.why.find((s) => s.kind === 'total'))
const before = computed(() => props.row.why.filter((s) => !['total', 'tieBreak', 'place'].includes(s.kind)))
const after = computed(() => props.row.why.filter((s) => ['tieBreak', 'place'].includes(s.kind)))
</script>

<template>
  <div class="lines">
    <ChangeLines v-if="changes.length > 0" class="small" :changes="changes" />
    <template v-if="row.changed.length > 0 || since.length > 0">
      <p v-for="c in row.changed" :key="c"><b>Changed:</b> {{ c }}</p>
      <p v-for="p in since" :key="p.part" class="small">{{ p.name }}: {{ p.sinceLastRound }}.</p>
    </template>
    <p v-for="p in against" :key="p.part" class="small">{{ p.name }}: {{ p.against.join('; ') }}.</p>
    <table>
      <tbody>
        <tr v-for="(step, i) in before" :key="i" :class="step.kind">
          <td>{{ step.sentence }}</td>
          <td class="amount">{{ isAmount(step) ? step.amountText : '' }}</td>
        </tr>
      </tbody>
      <tfoot v-if="sum">
        <tr>
          <td>{{ sum.sentence }}</td>
          <td class="amount">{{ sum.amountText }}</td>
        </tr>
      </tfoot>
    </table>
    <ul v-if="row.musts.length > 0 && row.parts.length === 0">
      <li v-for="m in row.musts" :key="m.rule">{{ states[m.state] }} {{ m.text }}</li>
    </ul>
    <p v-for="t in row.targets" :key="t.target">{{ t.says }}</p>
    <p v-for="(step, i) in after" :key="i">{{ step.sentence }}</p>
    <template v-if="row.designs.length > 0">
      <h3>Designs</h3>
      <p v-for="d in row.designs" :key="d.name" class="small">
        <b>{{ d.name || 'First design' }}</b>{{ d.counts ? ' (counts)' : ''
        }}{{ d.values.length > 0 ? `. ${d.values.join(', ')}` : ''
        }}{{ d.labels.length > 0 ? `. ${d.labels.join(', ')}` : '' }}{{ d.changed ? `. Changed: ${d.changed}` : '' }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.lines {
  display: grid;
  gap: var(--space-3);
}
table {
  width: 100%;
}
td {
  padding: var(--space-1) 0;
  vertical-align: bottom;
}
.amount {
  text-align: right;
  padding-left: var(--space-5);
  font-weight: 650;
  white-space: nowrap;
}
.points td,
.bonus td,
.deduction td {
  padding-bottom: var(--space-3);
}
.points td:first-child {
  font-weight: 650;
}
.deduction .amount {
  color: var(--brick);
}
tfoot td {
  border-top: 2px solid var(--ink);
  padding-top: var(--space-2);
  font-weight: 750;
}
tfoot .amount {
  font-size: var(--size-section);
  border-bottom: 4px double var(--ink);
}
</style>
