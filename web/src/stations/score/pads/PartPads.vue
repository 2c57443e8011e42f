<script setup lang="ts">
import { computed } from 'vue'
import type { AnswersOnWalk, RallyOnWalk } from '../../../api/names'
import BinsPad from './BinsPad.vue'
import BudgetPad from './BudgetPad.vue'
import OrderingPad from './OrderingPad.vue'
import PiecesPad from './PiecesPad.vue'
import RelayPad from './RelayPad.vue'
import RubricPad from './RubricPad.vue'
import TallyPad from './TallyPad.vue'
import TasksPad from './TasksPad.vue'

/** Every part that is not measured in trials, each with the pad that fits it and its working so far. */
const props = defineProps<{ parts: readonly AnswersOnWalk[]; rally: RallyOnWalk }>()
const rows = computed(() =>
  props.parts.flatMap((soFar) => {
    const part = props.rally.brief.parts.find((p) => p.id === soFar.id)
    return part ? [{ part, soFar }] : []
  }),
)
</script>

<template>
  <section v-for="{ part, soFar } in rows" :key="part.id" :aria-labelledby="`part-${part.id}`">
    <h3 :id="`part-${part.id}`">
      {{ part.name }} <span v-if="soFar.points" class="points figures">{{ soFar.points }}</span>
    </h3>
    <TasksPad v-if="part.kind === 'tasks'" :part="part" :so-far="soFar" />
    <RelayPad v-else-if="part.kind === 'relay'" :part="part" :so-far="soFar" />
    <BinsPad v-else-if="part.kind === 'bins'" :part="part" :so-far="soFar" />
    <OrderingPad v-else-if="part.kind === 'ordering'" :part="part" :so-far="soFar" />
    <PiecesPad v-else-if="part.kind === 'pieces'" :part="part" :so-far="soFar" />
    <RubricPad v-else-if="part.kind === 'rubric'" :part="part" :so-far="soFar" :teams="rally.teams" />
    <BudgetPad v-else-if="part.kind === 'budget'" :part="part" :so-far="soFar" />
    <TallyPad v-else-if="part.kind === 'tally'" :part="part" :so-far="soFar" />
    <ul v-if="soFar.working?.length" class="small muted working">
      <li v-for="(line, i) in soFar.working" :key="i">{{ line }}</li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  color: var(--lagoon-deep);
  padding-bottom: 0.25rem;
}
.points {
  color: var(--ink);
}
.working {
  padding-top: 0.4rem;
}
</style>
