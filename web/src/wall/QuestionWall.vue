<script setup lang="ts">
import { api, ask } from '@/api/client'
import type { PlotShown, RallyOnWall } from '@/api/names'
import TurningPages from '@/shared/TurningPages.vue'
import { useOnWall } from './useOnWall'
import WallPlot from './WallPlot.vue'

/**
 * One question for the talk with what was answered, and the picture that it is about beside; read from eight meters.
 */
const props = defineProps<{
  rally: RallyOnWall
  round: number
  tick: number
  question: string
  answers: readonly string[]
  shown: PlotShown | null | undefined
}>()
const picture = useOnWall(props, (params) => ask(api.GET('/api/rallies/{id}/wall/plot', { params })))
</script>

<template>
  <main id="main" class="wall" :class="{ two: picture.data.value?.plot }">
    <p class="title">{{ rally.title }}</p>
    <h1>{{ question }}</h1>
    <figure v-if="picture.data.value?.plot">
      <figcaption>{{ picture.data.value.plot.title }}</figcaption>
      <WallPlot :plot="picture.data.value.plot" />
    </figure>
    <TurningPages v-if="answers.length > 0" class="answers" :newest="answers[0]">
      <ul>
        <li v-for="(a, i) in answers" :key="a" :data-newest="i === 0 || undefined">{{ a }}</li>
      </ul>
    </TurningPages>
  </main>
</template>

<style scoped>
.wall {
  display: grid;
  height: 100vh;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 1vh 3vw;
}
.two {
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
}
.two .title,
.two .answers {
  grid-column: 1 / -1;
}
.two h1 {
  font-size: clamp(2.6rem, 4vw, 4.5rem);
}
.title {
  color: var(--muted);
}
figure {
  margin: 0;
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
  min-height: 0;
}
.answers {
  max-height: 34vh;
}
li {
  line-height: 1.25;
  border-top: 2px solid var(--line);
  padding-block: 0.15em;
  overflow-wrap: anywhere;
}
h1 {
  align-self: center;
  font-size: clamp(3.5rem, 7vw, 8rem);
  line-height: 1.1;
  overflow-wrap: anywhere;
}
</style>
