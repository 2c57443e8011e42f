<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Phase, PhaseKind } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumbers from '@/fields/InlineNumbers.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { newPhase } from '@/stations/brief/newItems'
import type { Pairs } from '@/fields/pairs'
import { useWriting } from '@/fields/writing'

/** The phases with their minutes, and whether they fit the lesson. */
const props = defineProps<{ brief: Brief }>()
const { checkup, choices } = useWriting()
const kinds = computed((): Pairs<PhaseKind> => (choices.value?.phases ?? []).map((p) => [p.value, p.name] as const))
const time = computed(() => checkup.value?.time)
const minutes = (id: string) => time.value?.phases[id]
const shown = (n: number) => Math.round(n * 10) / 10
/** What is said of a phase until its line is touched. */
const rests = (phase: Phase) =>
  [phase.teamByTeam && minutes(phase.id) !== undefined ? `(${shown(minutes(phase.id)!)} in all)` : '', phase.note]
    .filter(Boolean)
    .join(' ')
const next = () => newPhase(props.brief, props.brief.timing.phases.length === 0 ? 'build' : 'talk')
</script>

<template>
  <ItemLines v-slot="{ item }" :items="brief.timing.phases" one="phase" at="/timing/phases" :fresh="next">
    <InlineChoice v-model="item.kind" label="Phase" :options="kinds" />
    <InlineNumber v-model="item.minutes" label="Minutes" :at="`/timing/phases/${item.id}/minutes`" />
    {{ item.minutes === 1 ? 'minute' : 'minutes' }}{{ item.teamByTeam ? ' a turn' : '' }}
    <span v-if="rests(item)" class="small muted once-open-not">{{ rests(item) }}</span>
    <p class="small muted extra not-on-paper">
      <template v-if="item.teamByTeam && minutes(item.id) !== undefined"
        >({{ shown(minutes(item.id)!) }} in all)</template
      >
      warning
      <InlineNumber v-model="item.warning" label="Warning" :at="`/timing/phases/${item.id}/warning`" /> and
      <InlineNumbers v-model="item.warnings" label="More warnings" :at="`/timing/phases/${item.id}/warnings`" />
      {{ item.teamByTeam ? 'before the end of each turn' : 'before the end' }},
      <InlineCheck v-model="item.teamByTeam" label="team by team" />
      <template v-if="item.teamByTeam">
        at <InlineNumber v-model="item.stations" label="Tables" :at="`/timing/phases/${item.id}/stations`" />
        {{ item.stations === 1 ? 'table' : 'tables' }},
        <InlineNumber
          v-model="item.changeover"
          label="Minutes between teams"
          :at="`/timing/phases/${item.id}/changeover`"
        />
        between teams
      </template>
      ·
      <InlineText
        v-model="item.note"
        label="What is to be done"
        :at="`/timing/phases/${item.id}/note`"
        placeholder="a note for students"
      />
    </p>
  </ItemLines>
  <GrowText
    v-model="brief.timing.ifLate"
    label="What being late costs"
    at="/timing/ifLate"
    placeholder="What happens to a team that is late?"
  />
  <p class="small not-on-paper lesson">
    <InlineNumber v-model="brief.timing.lessons" label="Lessons" at="/timing/lessons" />
    {{ brief.timing.lessons === 1 ? 'lesson' : 'lessons' }} of
    <InlineNumber v-model="brief.timing.lesson" label="Minutes of a lesson" at="/timing/lesson" />
    {{ brief.timing.lesson === 1 ? 'minute' : 'minutes' }}, with
    <InlineNumber v-model="brief.timing.setUp" label="Setting up" at="/timing/setUp" /> to set up and
    <InlineNumber v-model="brief.timing.cleanUp" label="Clean-up time" at="/timing/cleanUp" /> to clean up;
    <InlineNumber v-model="brief.timing.teams" label="Teams expected" at="/timing/teams" />
    {{ brief.timing.teams === 1 ? 'team' : 'teams' }} of
    <InlineNumber v-model="brief.timing.teamSize" label="Students in a team" at="/timing/teamSize" />.
    <b v-if="time"
      >It takes {{ shown(time.needed) }} {{ time.needed === 1 ? 'minute' : 'minutes'
      }}<template v-if="typeof time.room === 'number'"> of {{ shown(time.room) }}</template
      >.</b
    >
  </p>
</template>

<style scoped>
.lesson {
  margin-top: var(--space-3);
  line-height: 1.8;
  color: var(--muted);
}
b {
  color: var(--ink);
}
</style>
