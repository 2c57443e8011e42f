<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { TeamSheet } from '@/api/names'
import { useRecording } from '@/pads/recording'
import { struckOut } from '@/shared/entries'

/** What two people answered differently: both answers, and what can be done about it. */
const props = defineProps<{ sheet: TeamSheet }>()
const { team, round, record } = useRecording()
const twice = computed(() => props.sheet.parts.flatMap((p) => p.twice))
const strikes = computed(() => new Set(props.sheet.log.filter((l) => l.mayStrike).map((l) => l.entry)))
type Given = (typeof twice.value)[number]
/** Whether all that this one is not may be crossed out by whoever holds this device. */
const may = (given: Given, kept?: Given[number]) =>
  given.every((a) => a === kept || a.entries.every((e) => strikes.value.has(e)))
const who = (by: string) => by || 'somebody'

/** Those that it is not are crossed out, each with why. */
async function settle(given: Given, kept: Given[number] | undefined) {
  const [whose, when] = [team.value, round.value]
  for (const answer of given) {
    if (answer === kept) continue
    const why = kept ? `${who(kept.by)}'s answer stands` : 'neither was right'
    for (const entry of answer.entries)
      if ((await record(struckOut(whose, when, entry, why))).kind === 'refused') return
  }
}
</script>

<template>
  <div
    v-for="given in twice"
    :key="given.flatMap((a) => a.entries).join()"
    class="twice heed"
    role="group"
    aria-label="Two different answers"
  >
    <p><b>Recorded by more than one person, and not the same.</b> The last one counts until somebody decides.</p>
    <ul>
      <li v-for="answer in given" :key="answer.by">
        <b>{{ who(answer.by) }}</b>: {{ answer.says }}
      </li>
    </ul>
    <div class="touch-row">
      <PadButton
        v-for="answer in given.filter((a) => may(given, a))"
        :key="answer.by"
        type="button"
        :label="`Keep ${who(answer.by)}'s`"
        class="touch"
        @click="settle(given, answer)"
      />
      <PadButton
        v-if="may(given)"
        type="button"
        label="Neither: do it again"
        variant="outlined"
        class="touch"
        @click="settle(given, undefined)"
      />
    </div>
    <p v-if="!given.some((a) => may(given, a))" class="small">
      Ask your teacher: you can only cross out your own entries.
    </p>
  </div>
</template>

<style scoped>
.twice {
  margin-top: var(--space-3);
  display: grid;
  gap: var(--space-3);
}
li {
  overflow-wrap: anywhere;
}
</style>
