<script setup lang="ts">
import { computed } from 'vue'
import type { RallyOnWall } from '@/api/names'
import { heatsOf } from '@/shared/heats'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import TurningPages from '@/shared/TurningPages.vue'
import { asClock, type WallClock } from '@/shared/useClock'
import { useSignal } from '@/stations/run/useSignal'

/** The clock on the wall: read from eight meters, nothing to touch. */
const props = defineProps<{ rally: RallyOnWall; live: WallClock }>()
const { clock, left, turnLeft, works, teams, held, last } = props.live
const { shown, minutesLeft } = useSignal(clock, works)
const next = computed(() => {
  const c = clock.value
  return c?.phases[c.phases.findIndex((p) => p.id === c.phase?.id) + 1]
})
const warning = computed(() => {
  const next = clock.value?.phase?.warnings.find((w) => (works.value ?? 0) > w * 60)
  return next === undefined ? '' : `warning in ${asClock((works.value ?? 0) - next * 60)}`
})
const minutes = (n: number) => (n === 1 ? '1 minute' : `${n} minutes`)
const phaseIs = (...kinds: string[]) => kinds.includes(clock.value?.phase?.kind ?? '')
/** While hands are at work: all that the sheet asks and forbids. */
const asked = computed(() =>
  phaseIs('build', 'rebuild', 'plan', 'collect')
    ? [
        { title: 'Criteria', lines: props.rally.criteria },
        { title: 'Constraints', lines: props.rally.limits },
      ].filter((part) => part.lines.length > 0)
    : [],
)
/** What to be careful with, while hands are at work or something is tested. */
const cautions = computed(() => (phaseIs('build', 'rebuild', 'test') ? props.rally.cautions : []))
const marks = computed(() => teamMarks(props.rally.teams))
const cleared = computed(() => (phaseIs('plan', 'collect', 'build') ? teams.value.filter((t) => t.cleared) : []))
const late = computed(() => teams.value.filter((t) => t.late))
/** Which team is testing: its clock is the large one, and the phase's stands below. */
const turn = computed(() => clock.value?.turn)
const present = computed(() => props.rally.teams.filter((t) => !t.away))
/** The heats, while teams run or get ready to. */
const heats = computed(() => (phaseIs('test', 'collect') ? heatsOf(present.value) : []))
/** What each team was dealt, while hands are at work; what was drawn in the lesson stands by itself. */
const dealt = computed(() =>
  phaseIs('plan', 'collect', 'build', 'rebuild') && props.rally.drawn.length === 0
    ? present.value.filter((t) => t.cards.length > 0)
    : [],
)
/** The cards that were drawn, the last one first; more than two are not read from eight meters. */
const drawn = computed(() => props.rally.drawn.slice(0, 2))
/** Teams stand beside each other where there are many, and one below the other where there are few. */
const columns = computed(() => (present.value.length > 6 ? 3 : present.value.length > 3 ? 2 : 1))
const nameOf = (id: string) => props.rally.teams.find((t) => t.id === id)?.name ?? ''
</script>

<template>
  <main id="main" class="wall">
    <template v-if="clock?.phase && left !== undefined && works !== undefined">
      <header>
        <h1>{{ clock.phase.name }}</h1>
        <p>{{ rally.name }}</p>
      </header>
      <p v-if="held !== undefined && clock.hold" class="clock figures" role="timer" aria-live="off">
        <template v-if="held < clock.hold.seconds">{{ Math.ceil(clock.hold.seconds - held) }}</template>
        <template v-else>it holds</template>
      </p>
      <p v-else class="clock figures" :class="{ over: works < 0 }" role="timer" aria-live="off">{{ asClock(works) }}</p>
      <p class="do">{{ held !== undefined ? 'Hands off. It must stand by itself.' : clock.phase.now }}</p>
      <p v-if="turn" class="turn">
        <span v-for="(t, i) in turn.on" :key="t" class="team">
          <TeamPennant :mark="marks.get(t)!" :width="92" />
          <span
            >{{ nameOf(t) }}<template v-if="turn.on.length > 1">, table {{ i + 1 }}</template></span
          >
        </span>
      </p>
      <TurningPages class="more" :newest="last[0] ?? drawn.length">
        <p v-if="turn && turn.next.length > 0 && heats.length === 0">Next: {{ turn.next.map(nameOf).join(', ') }}</p>
        <p v-for="(d, i) in drawn" :key="i" class="card">
          <b>{{ d.card.name }}</b> ({{ d.team ? nameOf(d.team) : 'for all' }}): {{ d.card.text }}
          {{ d.card.does.join(' ') }}
        </p>
        <ul v-if="last.length > 0" class="lines" data-newest>
          <li v-for="l in last" :key="l">{{ l }}</li>
        </ul>
        <ul v-if="heats.length > 0">
          <li v-for="h in heats" :key="h.number">
            <b>Heat {{ h.number }}:</b> {{ h.teams.map((t) => `${t.lane} ${t.name}`).join(' · ') }}
          </li>
        </ul>
        <ul v-if="dealt.length > 0">
          <li v-for="t in dealt" :key="t.id">{{ t.name }}: {{ t.cards.map((c) => c.name).join(', ') }}</li>
        </ul>
        <template v-for="part in asked" :key="part.title">
          <h2>{{ part.title }}</h2>
          <ul class="lines">
            <li v-for="l in part.lines" :key="l">{{ l }}</li>
          </ul>
        </template>
        <p v-if="cleared.length > 0" class="cleared">
          Cleared to build:
          <span v-for="t in cleared" :key="t.team" class="team">
            <TeamPennant :mark="marks.get(t.team)!" :width="74" /><span class="out-of-sight">{{ nameOf(t.team) }}</span>
          </span>
        </p>
        <p v-if="late.length > 0">Late: {{ late.map((t) => nameOf(t.team)).join(', ') }}. {{ rally.ifLate }}</p>
        <p v-for="c in cautions" :key="c" class="caution">{{ c }}</p>
      </TurningPages>
      <footer>
        <span v-if="!clock.ends">the clock is stopped</span>
        <span v-else-if="works < 0">time is up</span>
        <span v-else-if="warning">{{ warning }}</span>
        <span v-else></span>
        <span v-if="turnLeft !== undefined" class="figures" role="timer" aria-live="off">
          all teams: {{ asClock(left) }}
        </span>
        <span v-if="next">then: {{ next.name.toLowerCase() }}</span>
      </footer>
      <div v-if="shown" class="signal" role="alert">
        {{ shown === 'over' ? 'Time is up' : `${minutes(minutesLeft)} left` }}
      </div>
    </template>
    <template v-else>
      <header>
        <h1>{{ rally.title }}</h1>
        <p>{{ rally.name }}</p>
      </header>
      <p class="do">{{ clock?.over ? 'The lesson is over.' : rally.goal }}</p>
      <TurningPages v-if="!clock?.over" class="waiting" :columns="columns">
        <ul>
          <li v-for="t in present" :key="t.id" class="team">
            <TeamPennant :mark="marks.get(t.id)!" :width="92" /><span>{{ t.name }}</span>
          </li>
        </ul>
      </TurningPages>
    </template>
  </main>
</template>

<style scoped>
.wall {
  height: 100vh;
  display: flex;
  flex-direction: column;
  gap: 1.2vh;
}
header,
footer {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 2vw;
}
h1 {
  font-size: 1.7em;
}
h2 {
  font-size: 1em;
  color: var(--muted);
  break-after: avoid;
}
h2:not(:first-child) {
  margin-top: 1vh;
}
.clock {
  flex: 1 0 auto;
  display: grid;
  place-items: center;
  font: 750 min(26vh, 26vw) / 1 var(--title);
}
.clock:has(~ .turn) {
  font-size: min(18vh, 20vw);
}
.over {
  color: var(--brick-light);
}
.do {
  font-weight: 650;
}
.more {
  flex: 0 1 auto;
  min-height: 2.8em;
}
.more:not(:has(li, p, h2)) {
  display: none;
}
.waiting {
  flex: 1 1 0;
}
.more :deep(p),
.more :deep(li) {
  margin-bottom: 0.6vh;
}
.lines li {
  padding-left: 0.9em;
  text-indent: -0.9em;
}
.lines li::before {
  content: '– ';
}
.team {
  position: relative;
  display: flex;
  align-items: center;
  gap: 0.4em;
  min-width: 0;
}
.team > :first-child {
  flex: none;
}
.waiting li {
  padding-block: 0.2em;
}
.cleared,
.turn {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.3em 1em;
}
.turn {
  font-weight: 700;
}
.card {
  border-left: 0.25em solid var(--plum);
  padding-left: 0.4em;
}
.caution {
  border-left: 0.25em solid var(--marigold);
  padding-left: 0.4em;
}
.signal {
  position: fixed;
  inset: 0;
  display: grid;
  place-items: center;
  text-align: center;
  background: var(--signal);
  color: var(--on-light);
  font: 750 min(26vh, 15vw) / 1.05 var(--title);
  border: 2vw dashed var(--on-light);
}
</style>
