<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { AnswersOnWalk, BudgetOnWalk, Entry, Refusal } from '@/api/names'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import PadRow from '@/pads/PadRow.vue'
import RefusalNote from '@/shared/RefusalNote.vue'

/** What a team buys and gives back. */
const props = defineProps<{ part: BudgetOnWalk; soFar: AnswersOnWalk }>()
const { team, round, record } = useRecording()
const refusal = ref<Refusal>()
async function send(kind: 'purchased' | 'returned', item: string) {
  const entry: Entry = written(team.value, round.value, { kind, part: props.part.id, item, count: 1 })
  const sent = await record(entry)
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
}
const has = (item: string) => Number(props.soFar.answers[item] ?? 0)
</script>

<template>
  <ul>
    <PadRow v-for="p in part.prices" :key="p.id" :name="p.name || p.id" :says="`${p.each} ${part.money} each`">
      <b class="figures count">{{ has(p.id) }}</b>
      <Button label="Buy one" :aria-label="`${p.name}: buy one`" @click="send('purchased', p.id)" />
      <Button
        label="Give back"
        :aria-label="`Give back: ${p.name}`"
        variant="outlined"
        :disabled="has(p.id) === 0"
        @click="send('returned', p.id)"
      />
    </PadRow>
  </ul>
  <RefusalNote :refusal="refusal" />
</template>

<style scoped>
.count {
  font-size: 1.3rem;
  min-width: 2.5rem;
  text-align: right;
}
</style>
