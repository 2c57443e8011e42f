<script setup lang="ts">
import { computed } from 'vue'
import type { Brief } from '../../../api/names'
import GrowText from '../../../shared/GrowText.vue'
import InlineCheck from '../fields/InlineCheck.vue'
import { useWriting } from '../writing'

/** Hazards, each with its caution, who must be there, and the school's rules before all. */
const props = defineProps<{ brief: Brief }>()
const { choices } = useWriting()
const caution = (kind: string) => choices.value?.cautions.find((c) => c.kind === kind)
const others = computed(() =>
  (choices.value?.cautions ?? []).filter((c) => props.brief.hazards.every((h) => h.kind !== c.kind)),
)
function add(event: Event) {
  const field = event.target as HTMLSelectElement
  const chosen = others.value.find((c) => c.kind === field.value)
  if (chosen) props.brief.hazards.push({ kind: chosen.kind, acknowledged: false })
  field.value = ''
}
</script>

<template>
  <div data-at="/hazards" tabindex="-1">
    <ul>
      <li v-for="(hazard, i) in brief.hazards" :key="hazard.kind">
        <b>{{ caution(hazard.kind)?.name }}.</b> {{ caution(hazard.kind)?.says }} With:
        {{ caution(hazard.kind)?.present }}
        <span class="small not-on-paper">
          <InlineCheck v-model="hazard.acknowledged" label="I have read this" :at="`/hazards/${i}/acknowledged`" />
          <button
            type="button"
            class="act"
            :aria-label="`Take out: ${caution(hazard.kind)?.name}`"
            @click="brief.hazards.splice(i, 1)"
          >
            Take out
          </button>
        </span>
      </li>
    </ul>
    <p v-if="brief.hazards.length > 0" class="first">{{ choices?.schoolFirst }}</p>
    <GrowText v-model="brief.safety" label="More on safety" at="/safety" placeholder="More on safety, in your words" />
    <select class="inline not-on-paper small" aria-label="Add a caution" @change="add">
      <option value="">Add a caution…</option>
      <option v-for="c in others" :key="c.kind" :value="c.kind">{{ c.name }}</option>
    </select>
  </div>
</template>

<style scoped>
li {
  border-left: 4px solid var(--brick);
  padding: 0.1rem 0 0.1rem 0.7rem;
  margin-bottom: 0.4rem;
}
li .small {
  display: inline-flex;
  gap: 1rem;
  align-items: center;
}
.first {
  font-weight: 650;
}
</style>
