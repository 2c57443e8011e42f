<script lang="ts">
export type Panel =
  | 'differences'
  | 'snags'
  | 'measures'
  | 'method'
  | 'try'
  | 'rehearsal'
  | 'tiers'
  | 'time'
  | 'stages'
  | 'teacher'
  | 'last'
  | 'earlier'
</script>

<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { Snag } from '@/api/names'

/** The tags along the margin, in groups by the order of the work; one panel is open at a time. */
const props = defineProps<{ snags: readonly Snag[]; only?: readonly Panel[]; offers?: number }>()
const panel = defineModel<Panel>({ required: true })
const all: readonly { name: string; panels: readonly (readonly [Panel, string])[] }[] = [
  {
    name: 'Write',
    panels: [
      ['differences', 'Differences'],
      ['snags', 'Snags'],
      ['measures', 'Measures'],
      ['method', 'Method'],
      ['tiers', 'Tiers'],
    ],
  },
  {
    name: 'Try',
    panels: [
      ['try', 'Try it'],
      ['rehearsal', 'Rehearsal'],
    ],
  },
  {
    name: 'Plan',
    panels: [
      ['time', 'Time'],
      ['stages', 'Stages'],
      ['teacher', 'Teacher'],
    ],
  },
  {
    name: 'Before',
    panels: [
      ['last', 'Last time'],
      ['earlier', 'Earlier'],
    ],
  },
]
const groups = computed(() =>
  all
    .map((g) => ({ ...g, panels: g.panels.filter(([p]) => props.only?.includes(p) ?? p !== 'differences') }))
    .filter((g) => g.panels.length > 0),
)
const tabs = computed(() => groups.value.flatMap((g) => g.panels))
const count = computed(() => props.snags.filter((s) => s.weight !== 'hint').length)
const list = ref<HTMLElement>()
async function onKey(event: KeyboardEvent) {
  const at = tabs.value.findIndex(([p]) => p === panel.value)
  const to = event.key === 'ArrowRight' ? at + 1 : event.key === 'ArrowLeft' ? at - 1 : at
  if (to === at) return
  event.preventDefault()
  panel.value = tabs.value[(to + tabs.value.length) % tabs.value.length]?.[0] ?? 'snags'
  await nextTick()
  list.value?.querySelector<HTMLElement>('[aria-selected=true]')?.focus()
}
</script>

<template>
  <div ref="list" class="tags" role="tablist" aria-label="Margin" @keydown="onKey">
    <div v-for="group in groups" :key="group.name" class="group" role="presentation">
      <span v-if="groups.length > 1" class="name" aria-hidden="true">{{ group.name }}</span>
      <button
        v-for="[id, name] in group.panels"
        :id="`tab-${id}`"
        :key="id"
        type="button"
        role="tab"
        :aria-selected="panel === id"
        aria-controls="margin-panel"
        :tabindex="panel === id ? 0 : -1"
        @click="panel = id"
      >
        {{ name }}<span v-if="id === 'snags' && count > 0" class="count">{{ count }}</span
        ><span v-if="id === 'last' && offers" class="count offer">{{ offers }}</span>
      </button>
    </div>
  </div>
  <div id="margin-panel" role="tabpanel" :aria-labelledby="`tab-${panel}`"><slot /></div>
</template>

<style scoped>
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-7);
  border-bottom: var(--rule);
  padding-bottom: var(--space-3);
  margin-bottom: var(--space-4);
}
.group {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 var(--space-4);
}
.name {
  flex-basis: 100%;
  font-size: var(--size-small);
  line-height: 1.3;
  color: var(--muted);
}
button {
  font: 500 var(--size-small) var(--text);
  color: var(--lagoon-deep);
  background: none;
  border: 0;
  border-bottom: 3px solid transparent;
  padding: var(--space-1) 0;
  min-height: 28px;
  cursor: pointer;
}
button:hover {
  border-bottom-color: var(--line);
}
[aria-selected='true'] {
  color: var(--ink);
  font-weight: 750;
  border-bottom-color: var(--marigold);
}
.count {
  margin-left: var(--space-2);
  padding: 0 var(--space-2);
  background: var(--brick);
  color: var(--on-dark);
  font-size: var(--size-small);
  font-weight: 700;
}
.offer {
  background: var(--lagoon-deep);
}
</style>
