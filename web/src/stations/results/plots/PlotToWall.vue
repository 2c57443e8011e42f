<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Plot, PlotSee, Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useRally } from '@/shared/openRally'

/** Hangs the picture on the wall: with the teams' names, or without. */
const props = defineProps<{ see: PlotSee; figure: string; other: string; plot: Plot }>()
const { rally, round } = useRally()
const names = ref(false)
const shown = ref('')
const refusal = ref<Refusal>()
async function show() {
  const { see, figure, other, plot } = props
  const answer = await ask(
    api.POST('/api/rallies/{id}/clock', {
      params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value } },
      body: {
        does: 'show',
        shows: 'plot',
        phase: '',
        minutes: 0,
        number: 0,
        teams: [],
        plot: { see, figure, other, sort: plot.sort, title: plot.title, names: names.value },
      },
    }),
  )
  refusal.value = refusalOf(answer, 'Try again when the connection is back.')
  if (answer.ok) shown.value = plot.title
}
</script>

<template>
  <div class="to-wall">
    <label class="small"><input v-model="names" type="checkbox" /> with the teams’ names</label>
    <Button type="button" label="Show it on the wall" variant="outlined" @click="show" />
    <p v-if="shown" role="status" class="small muted">The wall shows “{{ shown }}”.</p>
    <RefusalNote v-if="refusal" :refusal="refusal" />
  </div>
</template>

<style scoped>
.to-wall {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1rem;
}
</style>
