<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, HazardKind } from '@/api/names'
import ChooseOnce from '@/fields/ChooseOnce.vue'
import GrowText from '@/fields/GrowText.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import { useWriting } from '@/fields/writing'

/** Hazards, each with its caution, who must be there, and the school's rules before all. */
const props = defineProps<{ brief: Brief }>()
const { choices } = useWriting()
const caution = (kind: string) => choices.value?.cautions.find((c) => c.kind === kind)
const others = computed(() =>
  (choices.value?.cautions ?? []).filter((c) => props.brief.hazards.every((h) => h.kind !== c.kind)),
)
const add = (kind: HazardKind) => void props.brief.hazards.push({ kind, acknowledged: false })
</script>

<template>
  <div data-at="/hazards" tabindex="-1">
    <ul>
      <li v-for="(hazard, i) in brief.hazards" :key="hazard.kind">
        <b>{{ caution(hazard.kind)?.name }}.</b> {{ caution(hazard.kind)?.says }} {{ caution(hazard.kind)?.present }}
        <span class="small not-on-paper">
          <InlineCheck v-model="hazard.acknowledged" label="I have read this" :at="`/hazards/${i}/acknowledged`" />
          <button
            type="button"
            class="act"
            :aria-label="`Remove: ${caution(hazard.kind)?.name}`"
            @click="brief.hazards.splice(i, 1)"
          >
            Remove
          </button>
        </span>
      </li>
    </ul>
    <p v-if="brief.hazards.length > 0" class="first">{{ choices?.schoolFirst }}</p>
    <GrowText v-model="brief.safety" label="More on safety" at="/safety" placeholder="More on safety, in your words" />
    <ChooseOnce
      class="not-on-paper small"
      label="Add a caution"
      prompt="Add a caution…"
      :options="others.map((c) => ({ name: c.name, value: c.kind }))"
      @choose="add"
    />
  </div>
</template>

<style scoped>
li {
  border-left: 4px solid var(--brick);
  padding: var(--space-1) 0 var(--space-1) var(--space-4);
  margin-bottom: var(--space-3);
}
li .small {
  display: inline-flex;
  gap: var(--space-5);
  align-items: center;
}
.first {
  font-weight: 650;
}
</style>
