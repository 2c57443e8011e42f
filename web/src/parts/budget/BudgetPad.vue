<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { ref } from 'vue'
import type { JudgeAnswers, JudgeBudget, Entry, Refusal } from '@/api/names'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import PadRow from '@/pads/PadRow.vue'
import RefusalNote from '@/shared/RefusalNote.vue'

/** What a team buys and gives back, so many at once, at the price that holds for it now. */
const props = defineProps<{ part: JudgeBudget; soFar: JudgeAnswers }>()
const { team, round, record } = useRecording()
const refusal = ref<Refusal>()
const many = ref<Record<string, number>>({})
const howMany = (item: string) => Math.max(1, Math.round(many.value[item] ?? 1))
const has = (item: string) => Number(props.soFar.answers[item] ?? 0)
const now = (item: string) => props.soFar.prices.find((p) => p.item === item)
async function send(entry: Entry) {
  const sent = await record(entry)
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
  if (sent.kind !== 'refused') many.value = {}
}
/** It keeps the price that was shown here: a device without a line sells by it. */
const buy = (item: string, each: number) =>
  send(
    written(team.value, round.value, {
      kind: 'purchased',
      part: props.part.id,
      item,
      count: howMany(item),
      each: now(item)?.each ?? each,
    }),
  )
const giveBack = (item: string) =>
  send(
    written(team.value, round.value, {
      kind: 'returned',
      part: props.part.id,
      item,
      count: Math.min(howMany(item), has(item)),
    }),
  )
const money = (each: number) => `${each} ${props.part.money} each`
const list = new Intl.ListFormat('en-US')
function describe(item: string, each: number) {
  const price = now(item)
  if (price?.forbiddenBy) return `No more: the card “${price.forbiddenBy}” forbids it.`
  if (price && price.by.length > 0)
    return `${money(price.each)}, because of ${list.format(price.by.map((c) => `“${c}”`))}`
  return money(price?.each ?? each)
}
</script>

<template>
  <p v-if="soFar.left" class="figures left">{{ soFar.left }}</p>
  <p v-else class="left if-it-lasts">Left: not known without a connection</p>
  <ul>
    <PadRow v-for="p in part.prices" :key="p.id" :name="p.name || p.id" :detail="describe(p.id, p.each)">
      <b class="figures count" :aria-label="`${p.name}: ${has(p.id)} bought`">{{ has(p.id) }}</b>
      <input
        type="number"
        min="1"
        max="100000"
        class="inline many"
        :value="howMany(p.id)"
        :aria-label="`${p.name}: how many`"
        @input="many[p.id] = Number(($event.target as HTMLInputElement).value)"
      />
      <PadButton
        :label="`Buy ${howMany(p.id)}`"
        :aria-label="`${p.name}: buy ${howMany(p.id)}`"
        :disabled="!!now(p.id)?.forbiddenBy"
        @click="buy(p.id, p.each)"
      />
      <PadButton
        :label="`Give back ${Math.min(howMany(p.id), Math.max(1, has(p.id)))}`"
        :aria-label="`${p.name}: give back ${Math.min(howMany(p.id), Math.max(1, has(p.id)))}`"
        variant="outlined"
        :disabled="has(p.id) === 0"
        @click="giveBack(p.id)"
      />
    </PadRow>
  </ul>
  <RefusalNote :refusal="refusal" />
</template>

<style scoped>
.count {
  font-size: var(--size-section);
  min-width: 2.5rem;
  text-align: right;
}
.many {
  width: 4rem;
  min-height: var(--touch);
  text-align: center;
}
.left {
  font-weight: 700;
  padding-top: var(--space-2);
}
</style>
