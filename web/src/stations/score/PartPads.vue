<script setup lang="ts">
import { computed } from 'vue'
import type { JudgeAnswers, JudgeRallyView } from '@/api/names'
import { pads } from '@/parts/pads'
import { anyOf } from '@/shared/shows'

/** Every part that is not measured in trials, each with the pad that fits it and its working so far. */
const props = defineProps<{ parts: readonly JudgeAnswers[]; rally: JudgeRallyView }>()
const rows = computed(() =>
  props.parts.flatMap((soFar) => {
    const part = props.rally.brief.parts.find((p) => p.id === soFar.id)
    const pad = part && pads[part.kind]
    return pad ? [{ part, soFar, pad: anyOf(pad) }] : []
  }),
)
</script>

<template>
  <section v-for="{ part, soFar, pad } in rows" :key="part.id" :aria-labelledby="`part-${part.id}`">
    <h3 :id="`part-${part.id}`">
      {{ part.name }} <span v-if="soFar.points" class="points figures">{{ soFar.points }}</span>
    </h3>
    <component :is="pad" :part="part" :so-far="soFar" />
    <ul v-if="soFar.working?.length" class="small muted working">
      <li v-for="(line, i) in soFar.working" :key="i">{{ line }}</li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  display: flex;
  justify-content: space-between;
  gap: var(--space-5);
  color: var(--lagoon-deep);
  padding-bottom: var(--space-2);
}
.points {
  color: var(--ink);
}
.working {
  padding-top: var(--space-3);
}
</style>
