<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { PlotSee, PlotShown } from '@/api/names'
import { useRally } from '@/shared/openRally'
import { useLoad } from '@/shared/useLoad'

/** Which picture hangs beside a question on the wall; without the teams' names. */
const chosen = defineModel<PlotShown | undefined>()
const { rally, round, tick } = useRally()
const see = ref<PlotSee>()
const seen = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/plots', {
      params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value, see: see.value } },
    }),
  ),
)
watch([round, tick], () => void seen.load(), { immediate: true })
const offers = computed<PlotShown[]>(() => {
  const now = seen.data.value
  return (now?.plots ?? []).map(({ sort, title }) => ({
    see: now!.see,
    figure: now!.figure,
    other: now!.other,
    sort,
    title,
    names: false,
  }))
})
const keyOf = (plot: PlotShown | undefined) => (plot ? plot.see + plot.sort + plot.title : '')
const nameOf = (plot: PlotShown) => seen.data.value?.plots.find((p) => p.sort === plot.sort && p.title === plot.title)
</script>

<template>
  <p v-if="offers.length > 0" class="small">
    <label>
      Beside the question on the wall
      <select
        class="inline"
        :value="keyOf(chosen)"
        @change="chosen = offers.find((o) => keyOf(o) === ($event.target as HTMLSelectElement).value)"
      >
        <option value="">nothing</option>
        <option v-for="o in offers" :key="keyOf(o)" :value="keyOf(o)">{{ nameOf(o)?.sortName }}: {{ o.title }}</option>
      </select>
    </label>
  </p>
</template>
