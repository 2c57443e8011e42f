<script setup lang="ts">
import type { Pert, RehearsalAsked, RehearsalInput } from '@/api/names'
import { ref } from 'vue'
import { vTyped } from '@/fields/vTyped'
import { numberIn } from '@/shared/numbers'

/**
 * What is expected, thing by thing, with where it comes from; what somebody writes instead is used in the next
 * rehearsal.
 */
defineProps<{ inputs: readonly RehearsalInput[] }>()
const asked = defineModel<RehearsalAsked>({ required: true })
const columns = [
  ['low', 'Low'],
  ['usual', 'Usual'],
  ['high', 'High'],
] as const
/** What nobody knows stands open until all three numbers are entered. */
const begun = ref<Record<string, Partial<Pert>>>({})
const known = (i: RehearsalInput): Partial<Pert> | undefined | null =>
  asked.value.expected[i.handle] ?? (i.isGuess ? begun.value[i.handle] : i.expected)
const shown = (i: RehearsalInput, which: keyof Pert) => known(i)?.[which]
const share = (i: RehearsalInput) => asked.value.chances[i.handle] ?? i.inAHundred
const written = (i: RehearsalInput) => i.handle in asked.value.expected || i.handle in asked.value.chances

function expect(i: RehearsalInput, which: keyof Pert, text: string) {
  const number = numberIn(text)
  if (number === undefined) return
  const now: Partial<Pert> = { ...known(i), [which]: number }
  const { low, usual, high } = now
  begun.value = { ...begun.value, [i.handle]: now }
  if (low === undefined || usual === undefined || high === undefined) return
  asked.value = { ...asked.value, expected: { ...asked.value.expected, [i.handle]: { low, usual, high } } }
}
/** A level by its words; what lies between two levels by both. */
const level = ({ words }: RehearsalInput, value: number) =>
  words[value] ?? `${words[Math.floor(value)]} or ${words[Math.ceil(value)]}`
/** The levels to choose from, with what stands there where that lies between two. */
const levels = (i: RehearsalInput, now: number | undefined) =>
  [...i.words.keys(), ...(now === undefined || i.words[now] !== undefined ? [] : [now])].sort((a, b) => a - b)

function say(i: RehearsalInput, text: string) {
  const number = numberIn(text)
  if (number !== undefined) asked.value = { ...asked.value, chances: { ...asked.value.chances, [i.handle]: number } }
}
const without = <T,>(of: Record<string, T>, handle: string) =>
  Object.fromEntries(Object.entries(of).filter(([h]) => h !== handle))
function asBefore({ handle }: RehearsalInput) {
  begun.value = without(begun.value, handle)
  asked.value = {
    ...asked.value,
    expected: without(asked.value.expected, handle),
    chances: without(asked.value.chances, handle),
  }
}
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="What is expected">
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="out-of-sight">What</span></th>
          <th v-for="[c, head] in columns" :key="c" scope="col">{{ head }}</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="i in inputs" :key="i.handle">
          <th scope="row">
            {{ i.name }}<span v-if="i.unit" class="muted"> ({{ i.unit }})</span>
          </th>
          <template v-if="i.expected">
            <td v-for="[c, head] in columns" :key="c">
              <select
                v-if="i.words.length > 0"
                class="inline"
                :value="shown(i, c) ?? ''"
                :aria-label="`${i.name}, ${head}`"
                @change="expect(i, c, ($event.target as HTMLSelectElement).value)"
              >
                <option v-if="shown(i, c) === undefined" value="" disabled>{{ level(i, i.expected[c]) }}?</option>
                <option v-for="v in levels(i, shown(i, c))" :key="v" :value="v">{{ level(i, v) }}</option>
              </select>
              <input
                v-else
                v-typed="shown(i, c)"
                class="inline number"
                inputmode="decimal"
                :placeholder="i.isGuess ? `${i.expected[c]}?` : undefined"
                :aria-label="`${i.name}, ${head}`"
                @change="expect(i, c, ($event.target as HTMLInputElement).value)"
              />
            </td>
          </template>
          <td v-else :colspan="columns.length">
            <input
              v-typed="share(i)"
              class="inline number"
              inputmode="decimal"
              :aria-label="`${i.name}, in 100 tries`"
              @change="say(i, ($event.target as HTMLInputElement).value)"
            />
            in 100 tries
          </td>
          <td class="small muted">
            <template v-if="!written(i)">{{ i.from }}</template>
            <template v-else
              >as you wrote
              <button
                type="button"
                class="act"
                :aria-label="`Reset what you entered for ${i.name}`"
                @click="asBefore(i)"
              >
                Remove
              </button></template
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
table {
  width: 100%;
  margin-top: var(--space-3);
}
th,
td {
  text-align: left;
  font-weight: 500;
  padding: var(--space-1) var(--space-3) var(--space-1) 0;
  vertical-align: baseline;
}
.number {
  width: 4.5rem;
}
</style>
