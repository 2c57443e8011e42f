<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { PlotShown } from '@/api/names'
import { useRally } from '@/shared/openRally'
import { useLoad } from '@/shared/useLoad'

/**
 * Which picture hangs beside a question on the wall: one of those that the class is taught first, without the teams'
 * names.
 */
const chosen = defineModel<PlotShown | undefined>()
const { rally, round, tick } = useRally()
const seen = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/plots', {
      params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value } },
    }),
  ),
)
watch([round, tick], () => void seen.load(), { immediate: true })
const offers = computed(() => {
  const now = seen.data.value
  if (!now) return []
  const { see, figure, other, plots } = now
  return plots.map(({ sort, sortName, title }) => ({
    name: `${sortName}: ${title}`,
    plot: { see, figure, other, sort, title, names: false },
  }))
})
const at = computed(() =>
  offers.value.findIndex((o) => o.plot.sort === chosen.value?.sort && o.plot.title === chosen.value.title),
)
</script>

<template>
  <p v-if="offers.length > 0" class="small">
    <label>
      Beside the question on the wall
      <select
        class="inline"
        :value="at"
        @change="chosen = offers[Number(($event.target as HTMLSelectElement).value)]?.plot"
      >
        <option :value="-1">nothing</option>
        <option v-for="(o, i) in offers" :key="o.name" :value="i">{{ o.name }}</option>
      </select>
    </label>
  </p>
</template>
