<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { dayOf, timeOfDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import { sizeOf } from '@/shared/numbers'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'

/** The status, for the teacher and whoever helps: what runs where, what is kept, who is connected, what happened. */
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
        ['Data folder', h.folder],
        ['Size', `${sizeOf(h.bytes)}, with ${sizeOf(h.free)} free on the disk`],
        ['Last backup', h.newestCopy ? at(h.newestCopy) : 'none yet'],
        ['Connected windows', String(h.windows)],
        ['Waiting to be saved', h.waiting === 0 ? 'nothing' : h.waiting === 1 ? '1 entry' : `${h.waiting} entries`],
      ] as const)
    : []
})
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead title="Status" :next="health.data.value?.says ?? ''" />
    <LoadNote
      v-if="!health.data.value || health.state.value !== 'ready'"
      :state="health.state.value"
      :refusal="health.refusal.value"
      what="the status"
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
        <h2 id="log">Log</h2>
        <p class="muted">
          For whoever supports you: what happened and when, without students’ names and without anything that was typed.
          It covers two weeks, and is in the folder log inside the data folder.
        </p>
        <pre v-if="health.data.value.log.length > 0" tabindex="0" aria-label="Log">{{
          health.data.value.log.join('\n')
        }}</pre>
        <p v-else>Nothing yet.</p>
        <Button as="a" href="/api/health/log" label="Download the log" variant="outlined" />
      </section>
    </template>
  </main>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: minmax(9rem, auto) minmax(0, 1fr);
  gap: var(--space-3) var(--space-6);
  padding-top: var(--space-5);
}
dt {
  color: var(--muted);
}
dd {
  overflow-wrap: anywhere;
}
section {
  padding-top: var(--space-6);
  display: grid;
  justify-items: start;
  gap: var(--space-4);
}
pre {
  justify-self: stretch;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  max-height: 24rem;
  overflow-y: auto;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: var(--space-4) var(--space-5);
  font-size: var(--size-small);
}
</style>
