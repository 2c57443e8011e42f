<script setup lang="ts">
import type { Brief, Snag } from '@/api/names'
import { useWriting } from '@/fields/writing'
import WhatIs from '@/shared/WhatIs.vue'

/** What is unclear, unfair, unsafe or impossible, each with its place, why it matters and what can be done at once. */
const props = defineProps<{ brief: Brief; snags: readonly Snag[]; left: readonly Snag[] }>()
const { goTo, applyChanges } = useWriting()
const weights = { stops: 'Stops', matters: 'Matters', hint: 'Hint' } as const
const key = (s: Snag) => s.key ?? ''
const tierName = (id: string) => props.brief.tiers.find((t) => t.id === id)?.name || id
const leave = (s: Snag) => void props.brief.leftSnags.push(key(s))
const takeUp = (s: Snag) => void props.brief.leftSnags.splice(props.brief.leftSnags.indexOf(key(s)), 1)
</script>

<template>
  <section aria-labelledby="snags">
    <h2 id="snags">Snags</h2>
    <WhatIs word="snag" />
    <p v-if="snags.every((s) => s.weight !== 'stops')" class="clear">Ready to run.</p>
    <ul>
      <li v-for="s in snags.slice(0, 40)" :key="key(s) + s.what" :class="s.weight">
        <p>
          <b class="weight">{{ weights[s.weight] }}</b>
          <span v-if="s.tier" class="small muted"> in {{ tierName(s.tier) }}</span>
        </p>
        <button type="button" class="what" @click="goTo(s.tier ? '/tiers' : s.at)">{{ s.what }}</button>
        <p class="small muted">{{ s.why }}</p>
        <p class="ways">
          <template v-if="s.fix">
            <button type="button" class="fix" @click="applyChanges(s.fix.changes)">{{ s.fix.label }}</button>
            <span v-if="s.fix.but" class="small">Then: {{ s.fix.but }}</span>
          </template>
          <button
            v-if="s.weight !== 'stops'"
            type="button"
            class="act"
            :aria-label="`Dismiss: ${s.what}`"
            @click="leave(s)"
          >
            Dismiss
          </button>
        </p>
      </li>
    </ul>
    <p v-if="snags.length > 40" class="small muted">and {{ snags.length - 40 }} more</p>
    <details v-if="left.length > 0" class="small">
      <summary>{{ left.length }} left as {{ left.length === 1 ? 'it is' : 'they are' }}</summary>
      <ul>
        <li v-for="s in left" :key="key(s)" class="hint">
          <p>{{ s.what }}</p>
          <button type="button" class="act" :aria-label="`Show again: ${s.what}`" @click="takeUp(s)">Show again</button>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.clear {
  color: var(--muted);
}
li {
  display: grid;
  gap: var(--space-1);
  padding: var(--space-2) 0 var(--space-2) var(--space-4);
  border-left: 5px solid var(--brick);
  margin-top: var(--space-3);
}
li.matters {
  border-left: 5px dashed var(--marigold);
}
li.hint {
  border-left: 5px dotted var(--edge);
}
.weight {
  font: 700 var(--size-small) var(--title);
  letter-spacing: 0.01em;
}
.stops .weight {
  color: var(--brick);
}
.matters .weight {
  color: var(--marigold-text);
}
.hint .weight {
  color: var(--muted);
}
.what {
  font: inherit;
  text-align: left;
  color: var(--ink);
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 2px;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  align-items: center;
}
summary {
  cursor: pointer;
  margin-top: var(--space-4);
  min-height: 24px;
}
</style>
