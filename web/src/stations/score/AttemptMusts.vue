<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, ref, watch } from 'vue'
import type { SheetAsked, SheetDesign, SheetRule } from '@/api/names'
import { ruleChecked } from '@/shared/entries'
import FoldButton from './FoldButton.vue'
import MetOrMissed from './MetOrMissed.vue'
import { useRecording } from '@/pads/recording'

/** What somebody must say of every attempt: each attempt has its own answers, and one button where all were met. */
const props = defineProps<{ design: SheetDesign; rules: readonly SheetRule[] }>()
const { team, round, record } = useRecording()
const attempts = computed(() =>
  [...new Set(props.design.asked.map((a) => a.attempt))].map((number) => {
    const asked = props.design.asked.filter((a) => a.attempt === number)
    const open = asked.filter((a) => a.state === 'toCheck')
    return { number, asked, open, missed: asked.filter((a) => a.state === 'missed') }
  }),
)
/**
 * Of what was answered before a line is enough. What is answered here stays as it is: nothing moves under a finger.
 */
const unfolded = ref(new Set<number>())
watch(
  attempts,
  (all) => {
    for (const a of all) if (a.open.length > 0) unfolded.value.add(a.number)
  },
  { immediate: true },
)
const fold = (attempt: number) => {
  if (!unfolded.value.delete(attempt)) unfolded.value.add(attempt)
}
const text = (rule: string) => props.rules.find((r) => r.id === rule)?.text ?? ''
const checked = ({ rule, attempt }: SheetAsked, met: boolean) =>
  ruleChecked(team.value, round.value, rule, met, { attempt, design: props.design.name })
const check = (asked: SheetAsked, met: boolean) => record(checked(asked, met))

/** Written down before the first is sent: the judge may be at another team by the time the last one goes. */
async function allMet(open: readonly SheetAsked[]) {
  for (const entry of open.map((asked) => checked(asked, true))) await record(entry)
}
</script>

<template>
  <div
    v-for="a in attempts"
    :key="a.number"
    role="group"
    :aria-label="`Must-haves of attempt ${a.number}`"
    class="musts"
  >
    <div class="head">
      <h4>Attempt {{ a.number }}: must-haves</h4>
      <PadButton v-if="a.open.length > 1" label="All met" variant="outlined" class="touch" @click="allMet(a.open)" />
      <FoldButton
        v-else-if="a.open.length === 0"
        :of="`must-haves of attempt ${a.number}`"
        :open="unfolded.has(a.number)"
        @fold="fold(a.number)"
      />
    </div>
    <p v-if="a.open.length === 0 && !unfolded.has(a.number)" class="small">
      <b v-if="a.missed.length > 0" class="missed">Missed: {{ a.missed.map((m) => text(m.rule)).join('; ') }}</b>
      <span v-else class="met">All met.</span>
    </p>
    <ul v-else>
      <li v-for="asked in a.asked" :key="asked.rule" class="with-ways">
        <p>
          {{ text(asked.rule) }}
          <span v-if="asked.state === 'toCheck'" class="small muted">still to check</span>
        </p>
        <MetOrMissed
          :name="`${text(asked.rule)}, attempt ${a.number}`"
          :state="asked.state"
          @choose="(met) => check(asked, met)"
        />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.musts {
  border: 1.5px solid var(--muted);
  padding: var(--space-3) var(--space-4);
  margin-top: var(--space-4);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-3);
}
h4 {
  margin: 0;
  font: 700 var(--size-text) var(--title);
}
li + li {
  border-top: var(--rule);
}
.missed {
  color: var(--brick);
}
.met {
  color: var(--lagoon-deep);
}
</style>
