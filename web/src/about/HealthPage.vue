<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { dayOf, timeOfDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import { sizeOf } from '@/shared/numbers'
import StationHead from '@/shared/StationHead.vue'
import TopBar from '@/shared/TopBar.vue'
import { useLoad } from '@/shared/useLoad'

/** How it is, for the teacher and for whoever helps: what runs where, what is kept, who is connected, what happened. */
const health = useLoad(() => ask(api.GET('/api/health')))
void health.load()
const often = 5_000
useIntervalFn(() => void health.load(), often)

const at = (time: string) => `${dayOf(time)}, ${timeOfDay(time)}`
const lines = computed(() => {
  const h = health.data.value
  return h
    ? ([
        ['Version', `${h.version}, running since ${at(h.since)}`],
        ['Data', h.folder],
        ['Its size', `${sizeOf(h.bytes)}; ${sizeOf(h.free)} are free beside it`],
        ['Newest copy', h.newestCopy ? at(h.newestCopy) : 'none yet'],
        ['Windows that follow a rally', String(h.windows)],
        ['Waits to be written', h.waiting === 0 ? 'nothing' : `${h.waiting} entries`],
      ] as const)
    : []
})
</script>

<template>
  <TopBar />
  <main id="main" class="desk">
    <StationHead title="How it is" :next="health.data.value?.says ?? ''">
      <RouterLink to="/about">About</RouterLink>
      <RouterLink to="/kept">Kept safe</RouterLink>
    </StationHead>
    <LoadNote
      v-if="!health.data.value || health.state.value !== 'ready'"
      :state="health.state.value"
      :refusal="health.refusal.value"
      what="how it is"
      @again="health.load"
    />
    <template v-if="health.data.value">
      <dl>
        <template v-for="[what, is] in lines" :key="what">
          <dt>{{ what }}</dt>
          <dd>{{ is }}</dd>
        </template>
      </dl>
      <section aria-labelledby="log">
        <h2 id="log">What happened</h2>
        <p class="muted">
          For whoever helps you: that something happened and when, without pupils’ names and without what was typed. Two
          weeks are kept, in the folder log beside the data.
        </p>
        <pre v-if="health.data.value.log.length > 0" tabindex="0" aria-label="The log">{{
          health.data.value.log.join('\n')
        }}</pre>
        <p v-else>Nothing yet.</p>
        <Button as="a" href="/api/health/log" label="Save the log" variant="outlined" />
      </section>
    </template>
  </main>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: minmax(9rem, auto) minmax(0, 1fr);
  gap: 0.5rem 1.5rem;
  padding-top: 1rem;
}
dt {
  color: var(--muted);
}
dd {
  overflow-wrap: anywhere;
}
section {
  padding-top: 1.5rem;
  display: grid;
  justify-items: start;
  gap: 0.75rem;
}
section :deep(a) {
  text-decoration: none;
}
pre {
  justify-self: stretch;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  max-height: 24rem;
  overflow-y: auto;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 0.75rem 1rem;
  font-size: var(--small);
}
</style>
