<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, ref } from 'vue'
import type { JudgeAnswers, JudgeBins, Refusal } from '@/api/names'
import { reading, written } from '@/shared/entries'
import { useDraft } from '@/shared/useDraft'
import { useJudgeRally } from '@/shared/openRally'
import { useDraftKey, useRecording } from '@/pads/recording'
import AnswerPaste from '@/pads/AnswerPaste.vue'
import TimeInput from '@/pads/TimeInput.vue'
import PadRow from '@/pads/PadRow.vue'
import { useNarrow } from '@/shared/useNarrow'
import RefusalNote from '@/shared/RefusalNote.vue'

/** Which bin each item was put in: a table to touch, and the key to look at when it is wanted. */
const props = defineProps<{ part: JudgeBins; soFar: JudgeAnswers }>()
const { rally } = useJudgeRally()
const { team, round, record } = useRecording()
const { draft: time } = useDraft(() => '', useDraftKey(`${props.part.id}:time`))
const keyShown = ref(false)
const refusal = ref<Refusal>()
/** In the part's order, so that the same bins are the same draft however they were put together. */
const inOrder = (bins: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(props.part.items.flatMap((i) => (bins[i.id] ? [[i.id, bins[i.id]!]] : [])))
const { draft: placed, changed: moved } = useDraft(() => inOrder(props.soFar.answers), useDraftKey(props.part.id))
const nameOf = (item: JudgeBins['items'][number]) => item.name || item.id
const inKey = (item: JudgeBins['items'][number]) => (keyShown.value ? `(${props.part.key?.[item.id]})` : undefined)
/** On a phone each item has its bins below it, so that none is cut off. */
const narrow = useNarrow()
/** What is in no bin is named, so that nothing is left out by oversight. */
const left = computed(() => props.part.items.filter((i) => !placed.value[i.id]).map((i) => i.name))
const begun = computed(() => left.value.length < props.part.items.length)
const changed = computed(() => moved.value || time.value !== '')
/** The same bin again takes the item out. */
function put(item: string, bin: string) {
  placed.value = inOrder({ ...placed.value, [item]: placed.value[item] === bin ? '' : bin })
}
/** A digit puts the item at hand in the bin of that number and goes on to the next item. */
function onDigit(event: KeyboardEvent, at: number) {
  const bin = props.part.names[Number(event.key) - 1]
  const item = props.part.items[at]
  if (!bin || !item || event.altKey || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  placed.value = inOrder({ ...placed.value, [item.id]: bin })
  const rows = (event.currentTarget as HTMLElement).parentElement?.children
  rows?.[Math.min(at + 1, props.part.items.length - 1)]?.querySelector<HTMLElement>('button')?.focus()
}
async function send() {
  const typed = time.value || props.soFar.answers.time || ''
  const sent = await record(
    written(team.value, round.value, {
      kind: 'itemsSorted',
      part: props.part.id,
      placed: { ...placed.value },
      // Where time gives no points a watch need not run; where one did, it can part teams that tie.
      time: props.part.timed || typed ? reading(props.part.id, typed) : null,
    }),
  )
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
  if (sent.kind !== 'refused') time.value = ''
}
</script>

<template>
  <p v-if="part.key" class="touch-row">
    <PadButton label="All as in the key" variant="outlined" @click="placed = inOrder(part.key)" />
    <span class="small muted">Then change what the team has sorted differently.</span>
  </p>
  <ul v-if="narrow">
    <PadRow v-for="item in part.items" :key="item.id" :name="nameOf(item)" :detail="inKey(item)" stacked>
      <PadButton
        v-for="bin in part.names"
        :key="bin"
        :label="bin"
        :aria-label="`${nameOf(item)} in ${bin}`"
        :aria-pressed="placed[item.id] === bin"
        :variant="placed[item.id] === bin ? undefined : 'outlined'"
        @click="put(item.id, bin)"
      />
    </PadRow>
  </ul>
  <div v-else class="scroll">
    <table>
      <thead>
        <tr>
          <th scope="col">Item</th>
          <th v-for="(bin, n) in part.names" :key="bin" scope="col">
            {{ bin }} <kbd v-if="n < 9" class="small muted" aria-hidden="true">{{ n + 1 }}</kbd>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(item, at) in part.items" :key="item.id" @keydown="onDigit($event, at)">
          <th scope="row">
            {{ nameOf(item) }}{{ ' ' }}<span v-if="inKey(item)" class="small muted">{{ inKey(item) }}</span>
          </th>
          <td v-for="bin in part.names" :key="bin">
            <button
              type="button"
              class="cell"
              :aria-pressed="placed[item.id] === bin"
              :aria-label="`${nameOf(item)} in ${bin}`"
              @click="put(item.id, bin)"
            >
              {{ placed[item.id] === bin ? '●' : '○' }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <p v-if="begun && left.length > 0" class="small" role="status">Not sorted: {{ left.join(', ') }}.</p>
  <p class="touch-row">
    <TimeInput v-model="time" label="Time" :shown="soFar.answers.time" />
    <PadButton
      label="Record this answer"
      :disabled="!changed"
      :variant="changed ? undefined : 'outlined'"
      @click="send"
    />
    <button v-if="part.key" type="button" class="act" :aria-expanded="keyShown" @click="keyShown = !keyShown">
      {{ keyShown ? 'Hide the key' : 'Show the key' }}
    </button>
  </p>
  <AnswerPaste
    :rally="rally?.id ?? ''"
    :part="part.id"
    :hint="`${part.items[0]?.name ?? 'item'}: ${part.names[0] ?? 'bin'}`"
    @read="(answer) => (placed = inOrder(answer.placed))"
  />
  <RefusalNote :refusal="refusal" />
</template>

<style scoped>
.touch-row {
  padding-block: var(--space-3);
}
th {
  text-align: left;
  font-weight: 400;
  padding: var(--space-2) var(--space-4) var(--space-2) 0;
}
thead th {
  font-family: var(--title);
  font-weight: 700;
}
td,
th {
  border-bottom: 1px solid var(--line);
}
.cell {
  width: var(--touch);
  height: var(--touch);
  font-size: var(--size-lead);
  line-height: 1;
  color: var(--lagoon-deep);
  background: none;
  border: 0;
  cursor: pointer;
}
</style>
