<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, ref } from 'vue'
import type { JudgeAnswers, PieceGroup, JudgePieces, Refusal } from '@/api/names'
import { numberIn } from '@/shared/numbers'
import { written } from '@/shared/entries'
import { useDraft } from '@/shared/useDraft'
import { useDraftKey, useRecording } from '@/pads/recording'
import RefusalNote from '@/shared/RefusalNote.vue'

/** Pieces by sort: how many, and how large where that counts. */
const props = defineProps<{ part: JudgePieces; soFar: JudgeAnswers }>()
const { team, round, record } = useRecording()
interface Row {
  first: string
  second: string
  count: string
  length: string
  width: string
}
const refusal = ref<Refusal>()
const names = (side: 'first' | 'second') => {
  const { values } = props.part[side]
  return values.length > 0 ? values : ['']
}
const text = (n: number | null | undefined, typed: string | null | undefined) =>
  typed || (typeof n === 'number' ? String(n) : '')
const asRow = (g: PieceGroup): Row => ({
  first: g.first,
  second: g.second,
  count: String(g.count),
  length: text(g.length, g.lengthTyped),
  width: text(g.width, g.widthTyped),
})
/** Before anything is counted there is a line for each sort there can be. */
const fresh = () =>
  names('first').flatMap((first) =>
    names('second').map((second) => ({ first, second, count: '', length: '', width: '' })),
  )
const { draft: rows, follow } = useDraft(
  () => (props.soFar.pieces.length > 0 ? props.soFar.pieces.map(asRow) : fresh()),
  useDraftKey(props.part.id),
)
/** Counts are whole numbers; sizes are understood by the server, with units and fractions too. */
const wrong = computed(() =>
  rows.value.some((r) => r.count.trim() !== '' && !(Number.isInteger(numberIn(r.count)) && numberIn(r.count)! >= 0)),
)
async function send() {
  if (wrong.value) return
  const pieces = rows.value
    .filter((r) => r.count.trim() !== '')
    .map((r) => ({
      first: r.first,
      second: r.second,
      count: numberIn(r.count)!,
      length: null,
      width: null,
      lengthTyped: r.length.trim() || null,
      widthTyped: r.width.trim() || null,
    }))
  const sent = await record(written(team.value, round.value, { kind: 'piecesCounted', part: props.part.id, pieces }))
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
  if (sent.kind !== 'refused') follow()
}
const nameOf = (r: Row) => [r.first, r.second].filter(Boolean).join(', ') || 'pieces'
const add = () =>
  rows.value.push({
    first: names('first')[0] ?? '',
    second: names('second')[0] ?? '',
    count: '',
    length: '',
    width: '',
  })
</script>

<template>
  <form novalidate @submit.prevent="send">
    <ul>
      <li v-for="(r, i) in rows" :key="i">
        <span class="what">
          <select v-if="part.first.values.length > 0" v-model="r.first" class="inline" :aria-label="`Sort ${i + 1}`">
            <option v-for="v in part.first.values" :key="v">{{ v }}</option>
          </select>
          <select
            v-if="part.second.values.length > 0"
            v-model="r.second"
            class="inline"
            :aria-label="`Sort ${i + 1}, ${part.second.name}`"
          >
            <option v-for="v in part.second.values" :key="v">{{ v }}</option>
          </select>
        </span>
        <label
          >how many
          <input v-model="r.count" class="touch-field" inputmode="numeric" :aria-label="`How many, ${nameOf(r)}`"
        /></label>
        <template v-if="soFar.measured">
          <label
            >long
            <input v-model="r.length" class="touch-field" inputmode="decimal" :aria-label="`Length, ${nameOf(r)}`"
          /></label>
          <label
            >wide <input v-model="r.width" class="touch-field" inputmode="decimal" :aria-label="`Width, ${nameOf(r)}`"
          /></label>
          <span class="small muted">{{ part.unit }}</span>
        </template>
        <button type="button" class="act" :aria-label="`Remove line ${i + 1}`" @click="rows.splice(i, 1)">
          Remove
        </button>
      </li>
    </ul>
    <p v-if="wrong" class="wrong small" role="alert">How many is a whole number, 0 or more.</p>
    <RefusalNote :refusal="refusal" />
    <p class="touch-row">
      <PadButton type="submit" label="Record these pieces" />
      <button type="button" class="act" @click="add">Another sort</button>
    </p>
  </form>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3) var(--space-4);
  border-bottom: var(--rule);
  padding: var(--space-2) 0;
}
.what {
  flex: 1 1 7rem;
}
.what select {
  min-height: 40px;
}
input {
  width: 4.5rem;
  text-align: right;
}
</style>
