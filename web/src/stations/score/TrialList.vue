<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { JudgeMeasure, SheetTrial, TeamSheet } from '@/api/names'
import { partOfAnother, struckOut, trialRecorded } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import { unreadOf } from './fold'
import type { Redo } from './redo'

/** The attempts of a design as they count, what needs a decision, and what was recorded twice. */
const props = defineProps<{ sheet: TeamSheet; design: string; measures: readonly JudgeMeasure[] }>()
const emit = defineEmits<{ redo: [trial: SheetTrial, as: Redo['as']] }>()
const { team, round, record } = useRecording()
const trials = computed(() => props.sheet.trials.filter((t) => t.design === props.design))
const twice = computed(() => trials.value.filter((t) => t.twice))
const first = (t: SheetTrial) => trials.value.find((other) => other.attempt === t.attempt)
/** What one judge left to another and nobody has read yet, said beside the trial that left it. */
const rest = (t: SheetTrial) =>
  t.leaves.length === 0 ? [] : unreadOf(trials.value.filter((other) => other.attempt === t.attempt))
const names = (measures: readonly string[]) =>
  measures.map((id) => props.measures.find((m) => m.id === id)?.name ?? id).join(', ')
/** Where nothing is read in an attempt there is only what became of it. */
const said = (t?: SheetTrial) => t?.shown || t?.became || 'an attempt'
const free = computed(() => props.sheet.designs.find((d) => d.name === props.design)?.open[0])

/** Whether whoever holds this device may cross out an attempt; without that nothing here can be settled. */
const may = (t: SheetTrial) => props.sheet.log.some((l) => l.entry === t.entry && l.mayStrike)

const reasons = { ...partOfAnother, drop: 'recorded twice' } as const

/** The doubled entry is written again as what it was, and then crossed out, so that nothing is ever missing between. */
async function settle(t: SheetTrial, as: 'again' | 'drop' | 'next') {
  const [whose, when] = [team.value, round.value]
  if (as !== 'drop') {
    const written = await record(
      trialRecorded(whose, when, {
        outcome: t.outcome,
        attempt: as === 'again' ? t.attempt : free.value,
        design: t.design,
        revision: t.revision,
        readings: t.readings,
        again: as === 'again',
        leaves: t.leaves,
      }),
    )
    if (written.kind === 'refused') return
  }
  await record(struckOut(whose, when, t.entry, reasons[as]))
}
</script>

<template>
  <ol v-if="trials.length" class="trials">
    <li v-for="t in trials" :key="t.entry" :class="t.end">
      <span class="number">{{ t.attempt ?? '–' }}</span>
      <span v-if="t.shown" class="shown figures">{{ t.shown }}</span>
      <span v-if="t.became" :class="['became', { shown: !t.shown }]">{{ t.became }}</span>
      <span v-if="t.revision > 1" class="small muted">build {{ t.revision }}</span>
      <span v-if="t.spread" class="small muted">readings apart by {{ t.spread }}</span>
      <PadButton
        v-if="t.outcome === 'waiting'"
        type="button"
        label="Decide now"
        variant="outlined"
        class="touch"
        :aria-label="`Decide now: attempt ${t.attempt}`"
        @click="emit('redo', t, 'look')"
      />
      <PadButton
        v-else-if="rest(t).length > 0"
        type="button"
        :label="`Read ${names(rest(t))}`"
        variant="outlined"
        class="touch"
        :aria-label="`Read ${names(rest(t))}: attempt ${t.attempt}`"
        @click="emit('redo', t, 'rest')"
      />
      <PadButton
        v-else-if="t.outcome === 'counted' && !sheet.passedOrNot"
        type="button"
        label="Second reading"
        variant="text"
        severity="secondary"
        class="touch"
        :aria-label="`Second reading: attempt ${t.attempt}`"
        @click="emit('redo', t, 'again')"
      />
    </li>
  </ol>
  <div
    v-for="t in twice"
    :key="`twice ${t.entry}`"
    class="twice heed"
    role="group"
    :aria-label="`Attempt ${t.attempt} was recorded twice`"
  >
    <p>
      <b>Attempt {{ t.attempt }} was recorded twice:</b> {{ said(first(t)) }} by {{ first(t)?.by || 'somebody' }}, and
      {{ said(t) }} by {{ t.by || 'somebody' }}.
      {{ may(t) ? 'What is it?' : `Ask ${t.by || 'the other judge'} or the teacher to settle it.` }}
    </p>
    <div v-if="may(t)" class="touch-row">
      <PadButton type="button" label="Two readings of it" class="touch" @click="settle(t, 'again')" />
      <PadButton
        type="button"
        label="Keep only the first"
        variant="outlined"
        class="touch"
        @click="settle(t, 'drop')"
      />
      <PadButton
        v-if="free"
        type="button"
        :label="`It was attempt ${free}`"
        variant="outlined"
        class="touch"
        @click="settle(t, 'next')"
      />
    </div>
  </div>
</template>

<style scoped>
.trials {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  padding-top: var(--space-3);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-3);
  border: 1.5px solid var(--ink);
  padding: var(--space-2) var(--space-4);
  overflow-wrap: anywhere;
}
.number {
  color: var(--muted);
  font-size: var(--size-small);
}
.shown {
  font-weight: 700;
  font-size: var(--size-lead);
}
.failed,
.doesNotCount {
  border-style: dashed;
  border-color: var(--brick);
  color: var(--brick);
}
.void,
.waiting {
  border-style: dotted;
  color: var(--muted);
}
.twice {
  margin-top: var(--space-3);
  display: grid;
  gap: var(--space-3);
}
</style>
