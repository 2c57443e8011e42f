<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { useTemplateRef } from 'vue'
import type { JudgeAnswers, JudgeOrdering } from '@/api/names'
import { written } from '@/shared/entries'
import { useDraft } from '@/shared/useDraft'
import { useOrder } from '@/shared/useOrder'
import { useJudgeRally } from '@/shared/openRally'
import { useDraftKey, useRecording } from '@/pads/recording'
import AnswerPaste from '@/pads/AnswerPaste.vue'

/**
 * A team's order: touched one after the other, then dragged or moved with the arrow keys where it was misread. What is
 * touched stays where it lies, so that nothing else comes under the finger.
 */
const props = defineProps<{ part: JudgeOrdering; soFar: JudgeAnswers }>()
const { rally } = useJudgeRally()
const { team, round, record } = useRecording()
const { draft: order, changed } = useDraft(() => props.soFar.sequence, useDraftKey(props.part.id))
const nameOf = (id: string) => props.part.items.find((i) => i.id === id)?.name || id
function move(from: number, to: number) {
  const [item] = order.value.splice(from, 1)
  if (item !== undefined) order.value.splice(to, 0, item)
}
const { onKey } = useOrder(useTemplateRef('list'), move, () => order.value.length)
const send = () =>
  record(written(team.value, round.value, { kind: 'orderGiven', part: props.part.id, sequence: [...order.value] }))
</script>

<template>
  <p class="small muted">
    Touch the items as the team has laid them, from {{ part.first || 'first' }} to {{ part.last || 'last' }}.
  </p>
  <p v-if="part.key" class="touch-row">
    <PadButton label="All as in the key" variant="outlined" @click="order = [...part.key]" />
    <span class="small muted">Then move what the team has laid elsewhere.</span>
  </p>
  <div class="left" role="group" aria-label="What the team has laid">
    <PadButton
      v-for="item in part.items"
      :key="item.id"
      :label="item.name || item.id"
      variant="outlined"
      :disabled="order.includes(item.id)"
      @click="order.push(item.id)"
    />
  </div>
  <ol ref="list">
    <li v-for="(id, i) in order" :key="id">
      <button
        type="button"
        class="grip"
        :aria-label="`Move ${nameOf(id)}, place ${i + 1}, with the arrow keys`"
        @keydown="onKey($event, i)"
      >
        <span aria-hidden="true"></span>
      </button>
      <span class="figures">{{ i + 1 }}.</span> <span class="what">{{ nameOf(id) }}</span>
      <button type="button" class="act" :aria-label="`Remove: ${nameOf(id)}`" @click="order.splice(i, 1)">
        Remove
      </button>
    </li>
  </ol>
  <AnswerPaste
    :rally="rally?.id ?? ''"
    :part="part.id"
    :hint="
      part.items
        .map((i) => i.name || i.id)
        .slice(0, 3)
        .join(', ')
    "
    @read="(answer) => (order = [...answer.sequence])"
  />
  <PadButton
    label="Record this order"
    :disabled="!changed"
    class="send"
    :variant="changed ? undefined : 'outlined'"
    @click="send"
  />
</template>

<style scoped>
.left {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  padding: var(--space-3) 0;
}
.left :deep(button),
.send {
  min-height: var(--touch);
}
li {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  border-bottom: var(--rule);
  min-height: var(--touch);
}
.grip {
  min-height: 40px;
  width: 40px;
}
.what {
  flex: 1;
}
.send {
  margin-top: var(--space-3);
}
</style>
