<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { PlotSee } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useRally } from '@/shared/openRally'
import { useLoad } from '@/shared/useLoad'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import PlotTable from './PlotTable.vue'
import PlotToFile from './PlotToFile.vue'
import PlotToWall from './PlotToWall.vue'

/** The class's numbers in pictures: first what one wants to see, then how. */
const { rally, round, tick } = useRally()
const see = ref<PlotSee>()
const figure = ref('')
const other = ref('')
const seen = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/plots', {
      params: {
        path: { id: rally.value?.id ?? '' },
        query: { round: round.value, see: see.value, figure: figure.value, other: other.value },
      },
    }),
  ),
)
watch([round, tick, see, figure, other], () => void seen.load(), { immediate: true })
const now = computed(() => seen.data.value)

const picture = ref<HTMLElement>()
const chosen = ref('')
watch([see, figure, other], () => (chosen.value = ''))
const plot = computed(() => now.value?.plots.find((p) => p.sort + p.title === chosen.value) ?? now.value?.plots[0])
const questions: Record<PlotSee, string> = {
  oneFigure: 'One figure',
  twoFigures: 'Two figures together',
  parts: 'What it is made of',
  overTime: 'From round to round',
  compared: 'Designs compared',
}
</script>

<template>
  <section aria-labelledby="plots">
    <h2 id="plots">Numbers</h2>
    <LoadNote
      v-if="!now"
      :state="seen.state.value"
      :refusal="seen.refusal.value"
      what="the pictures"
      @again="seen.load"
    />
    <p v-else-if="now.plots.length === 0" class="muted">Nothing has been read yet that could be drawn.</p>
    <template v-else>
      <div class="ask">
        <div role="group" aria-label="What do you want to see?" class="row">
          <button
            v-for="s in now.can"
            :key="s"
            type="button"
            class="act"
            :aria-pressed="s === now.see"
            @click="see = s"
          >
            {{ questions[s] }}
          </button>
        </div>
        <label v-if="now.figure" class="small">
          {{ now.see === 'twoFigures' ? 'along' : 'of' }}
          <select :value="now.figure" class="inline" @change="figure = ($event.target as HTMLSelectElement).value">
            <option v-for="f in now.figures" :key="f.id" :value="f.id">{{ f.name }}</option>
          </select>
        </label>
        <label v-if="now.see === 'compared'" class="small">
          by
          <select :value="now.other" class="inline" @change="other = ($event.target as HTMLSelectElement).value">
            <option v-for="g in now.groupings" :key="g.id" :value="g.id">{{ g.name }}</option>
          </select>
        </label>
        <label v-else-if="now.other" class="small">
          up
          <select :value="now.other" class="inline" @change="other = ($event.target as HTMLSelectElement).value">
            <option v-for="f in now.figures.filter((o) => o.id !== now?.figure)" :key="f.id" :value="f.id">
              {{ f.name }}
            </option>
          </select>
        </label>
        <div v-if="now.plots.length > 1" role="group" aria-label="As" class="row as">
          <button
            v-for="p in now.plots"
            :key="p.sort + p.title"
            type="button"
            class="act small"
            :aria-pressed="p === plot"
            @click="chosen = p.sort + p.title"
          >
            {{ now.see === 'parts' ? p.title : p.sortName }}
          </button>
        </div>
      </div>
      <template v-if="plot">
        <h3>{{ plot.title }}</h3>
        <div ref="picture"><PlotPicture :plot="plot" /></div>
        <div class="under">
          <ul>
            <li v-for="s in plot.says" :key="s">{{ s }}</li>
          </ul>
          <PlotToWall :see="now.see" :figure="now.figure" :other="now.other" :plot="plot" />
        </div>
        <PlotToFile :title="plot.title" :drawn="() => picture?.querySelector<SVGSVGElement>('svg.plot') ?? null" />
        <PlotTable :table="plot.table" :title="plot.title" />
      </template>
    </template>
  </section>
</template>

<style scoped>
.ask,
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-5);
}
.ask {
  border-block: var(--rule);
  padding-block: var(--space-2);
  margin-block: var(--space-3) var(--space-4);
}
.act {
  min-height: 2.5rem;
  text-decoration: none;
  color: var(--ink);
  border-bottom: 3px solid transparent;
}
.act[aria-pressed='true'] {
  font-weight: 750;
  border-bottom-color: var(--marigold);
}
.as {
  margin-left: auto;
}
h3 {
  color: var(--lagoon-deep);
}
.under {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-3) var(--space-7);
  padding-block: var(--space-3);
}
</style>
