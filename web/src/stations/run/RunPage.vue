<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { nextAt } from '../../shared/nextAt'
import StationHead from '../../shared/StationHead.vue'
import { useRally } from '../../shared/openRally'
import { asClock, useClock } from './useClock'
import { useSignal } from './useSignal'

/** The remote: the clock, the phases, and what a teacher does to them while standing up. */
const { rally, tick } = useRally()
const id = String(useRoute().params.rally)
const { clock, left, behind, end, touch, refusal } = useClock(id, tick)
const { sound, ring, shown } = useSignal(clock, left)
const at = computed(() => clock.value?.phases.findIndex((p) => p.id === clock.value?.phase?.id) ?? -1)
const next = computed(() => clock.value?.phases[at.value + 1])
const minutes = (n: number) => (Math.abs(n) === 1 ? '1 minute' : `${Math.round(Math.abs(n) * 10) / 10} minutes`)
const pace = computed(() => {
  if (behind.value === undefined) return ''
  const n = Math.round(behind.value)
  return n === 0 ? 'on time' : `${minutes(n)} ${n > 0 ? 'behind' : 'ahead'}`
})
const ends = computed(() => end.value?.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }))
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead title="Run" :next="nextAt(rally.route, 'run')">
      <RouterLink class="small" :to="`/rallies/${id}/clock`">Put the clock on the wall</RouterLink>
    </StationHead>
    <p v-if="refusal" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    <template v-if="clock">
      <section class="now" aria-labelledby="now">
        <template v-if="clock.phase && left !== undefined">
          <h2 id="now">{{ clock.phase.name }}</h2>
          <p class="clock figures" :class="{ over: left < 0 }" role="timer" aria-live="off">{{ asClock(left) }}</p>
          <p>{{ clock.phase.now }}</p>
          <p class="small muted">
            <template v-if="clock.ends">The lesson is {{ pace }}; its last phase ends at {{ ends }}.</template>
            <template v-else>The clock stands.</template>
          </p>
          <p v-if="shown" class="signal" role="alert">
            {{ shown === 'over' ? `${clock.phase.name}: time is up.` : `${minutes(clock.phase.warning)} left.` }}
          </p>
        </template>
        <template v-else>
          <h2 id="now">{{ clock.over ? 'The lesson is over' : 'Not begun yet' }}</h2>
          <p class="muted">Begin a phase below. Every screen of this rally follows.</p>
        </template>
        <div class="ways">
          <Button
            v-if="next"
            :label="clock.phase ? `On to: ${next.name}` : `Begin: ${next.name}`"
            @click="touch({ does: 'begin', phase: next.id })"
          />
          <Button v-else-if="clock.phase" label="The lesson is over" @click="touch({ does: 'begin', phase: '' })" />
          <template v-if="clock.phase">
            <Button v-if="clock.ends" label="Pause" variant="outlined" @click="touch({ does: 'pause' })" />
            <Button v-else label="Go on" variant="outlined" @click="touch({ does: 'resume' })" />
            <Button label="+1 minute" variant="outlined" @click="touch({ does: 'add', minutes: 1 })" />
            <Button label="+5 minutes" variant="outlined" @click="touch({ does: 'add', minutes: 5 })" />
            <Button label="−1 minute" variant="outlined" @click="touch({ does: 'add', minutes: -1 })" />
          </template>
        </div>
      </section>
      <section aria-labelledby="phases">
        <h2 id="phases">Phases</h2>
        <ol>
          <li v-for="(p, i) in clock.phases" :key="p.id" :class="{ here: i === at, done: i < at }">
            <span class="figures length">{{ Math.round(p.minutes * 10) / 10 }} min</span>
            <span>
              {{ p.name }}
              <span v-if="p.warning > 0" class="small muted">warning {{ minutes(p.warning) }} before its end</span>
            </span>
            <span v-if="i === at" class="small">now</span>
            <button
              v-else
              type="button"
              class="act"
              :aria-label="`Jump here: ${p.name}`"
              @click="touch({ does: 'begin', phase: p.id })"
            >
              Jump here
            </button>
          </li>
        </ol>
      </section>
      <section aria-labelledby="sound">
        <h2 id="sound">Sound</h2>
        <p class="line">
          <label><input v-model="sound" type="checkbox" /> ring at warnings and at the end of a phase</label>
          &nbsp;<button type="button" class="act" @click="ring">Try it</button>
        </p>
      </section>
    </template>
  </main>
</template>

<style scoped>
.desk {
  max-width: 52rem;
}
.now {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 1rem 1.25rem 1.25rem;
  display: grid;
  gap: 0.3rem;
}
.clock {
  font: 750 5rem/1 var(--title);
}
.over,
.signal {
  background: var(--marigold-wash);
  border: 2px dashed var(--marigold);
  padding: 0.4rem 0.75rem;
  font-weight: 700;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  padding-top: 0.6rem;
}
.ways :deep(button) {
  min-height: var(--touch);
}
li {
  display: grid;
  grid-template-columns: 4.5rem minmax(0, 1fr) auto;
  gap: 0.75rem;
  align-items: baseline;
  padding: 0.35rem 0.5rem;
  border-bottom: var(--stitch);
}
.length {
  text-align: right;
}
.here {
  background: var(--lagoon-wash);
  font-weight: 700;
}
.done {
  color: var(--muted);
}
label {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
}
</style>
