<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, onMounted } from 'vue'
import { useRoute } from 'vue-router'
import { useRally } from '../../shared/openRally'
import { asClock, useClock } from './useClock'
import { useSignal } from './useSignal'

/** The clock on the wall: read from eight metres, nothing to touch. */
const { rally, tick } = useRally()
const { clock, left } = useClock(String(useRoute().params.rally), tick)
const { shown } = useSignal(clock, left)
const next = computed(() => {
  const c = clock.value
  return c?.phases[c.phases.findIndex((p) => p.id === c.phase?.id) + 1]
})
const warning = computed(() => {
  const phase = clock.value?.phase
  return phase && phase.warning > 0 && (left.value ?? 0) > phase.warning * 60
    ? `warning in ${asClock((left.value ?? 0) - phase.warning * 60)}`
    : ''
})
const minutes = (n: number) => (n === 1 ? '1 minute' : `${n} minutes`)
const limits = computed(() => rally.value?.sheet.constraints.slice(0, 4) ?? [])
const awake = useWakeLock()
onMounted(() => {
  if (awake.isSupported.value) void awake.request('screen').catch(() => undefined)
})
</script>

<template>
  <main v-if="rally && clock" id="main" class="wall">
    <template v-if="clock.phase && left !== undefined">
      <header>
        <h1>{{ clock.phase.name }}</h1>
        <p>{{ rally.name }}</p>
      </header>
      <p class="clock figures" :class="{ over: left < 0 }" role="timer" aria-live="off">{{ asClock(left) }}</p>
      <p class="do">{{ clock.phase.now }}</p>
      <ul v-if="limits.length > 0 && ['build', 'rebuild', 'plan', 'collect'].includes(clock.phase.kind)">
        <li v-for="l in limits" :key="l">{{ l }}</li>
      </ul>
      <footer>
        <span v-if="!clock.ends">the clock stands</span>
        <span v-else-if="left < 0">time is up</span>
        <span v-else-if="warning">{{ warning }}</span>
        <span v-else></span>
        <span v-if="next">then: {{ next.name.toLowerCase() }}</span>
      </footer>
      <div v-if="shown" class="signal" role="alert">
        {{ shown === 'over' ? 'Time is up' : `${minutes(clock.phase.warning)} left` }}
      </div>
    </template>
    <template v-else>
      <header>
        <h1>{{ rally.brief.title }}</h1>
        <p>{{ rally.name }}</p>
      </header>
      <p class="do">{{ clock.over ? 'The lesson is over.' : rally.brief.goal }}</p>
    </template>
  </main>
</template>

<style scoped>
.wall {
  min-height: 100vh;
  background: var(--paper);
  color: var(--ink);
  padding: 3vh 4vw;
  display: grid;
  grid-template-rows: auto 1fr auto auto auto;
  gap: 1.5vh;
  font-size: clamp(32px, 3vw, 60px);
  line-height: 1.25;
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
.clock {
  font: 750 min(40vh, 30vw) / 1 var(--title);
  align-self: center;
  justify-self: center;
}
.over {
  color: #f2a68f;
}
.do {
  font-weight: 650;
}
li::before {
  content: '– ';
}
.signal {
  position: fixed;
  inset: 0;
  display: grid;
  place-items: center;
  text-align: center;
  background: #f0b24a;
  color: #1d2b33;
  font: 750 min(26vh, 15vw) / 1.05 var(--title);
  border: 2vw dashed #1d2b33;
}
</style>
