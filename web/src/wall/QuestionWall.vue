<script setup lang="ts">
import { api, ask } from '@/api/client'
import type { PlotShown, RallyOnWall } from '@/api/names'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import { useOnWall } from './useOnWall'

/**
 * One question for the talk with what was answered, and the picture that it is about beside; read from eight metres.
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
      <PlotPicture :plot="picture.data.value.plot" wall />
    </figure>
    <ul v-if="answers.length > 0">
      <li v-for="a in answers" :key="a">{{ a }}</li>
    </ul>
  </main>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template-rows: auto 1fr auto;
  padding: 3vh 5vw;
}
.two {
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  column-gap: 3vw;
}
.two .title,
.two ul {
  grid-column: 1 / -1;
}
.two h1 {
  font-size: clamp(2.6rem, 4vw, 4.5rem);
}
.title {
  font-size: 2rem;
  color: var(--muted);
}
figure {
  margin: 0;
  align-self: center;
}
figcaption {
  font-size: 2rem;
}
ul {
  font-size: 2.4rem;
  line-height: 1.25;
}
li {
  border-top: 2px dashed var(--line);
  padding-block: 0.3rem;
  overflow-wrap: anywhere;
}
h1 {
  align-self: center;
  font-size: clamp(3.5rem, 7vw, 8rem);
  line-height: 1.1;
  overflow-wrap: anywhere;
}
</style>
