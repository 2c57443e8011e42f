<script setup lang="ts">
import type { NotebookPage, Photo } from '@/api/names'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import WrittenOn from './WrittenOn.vue'

/** A team's page of its notebook. */
defineProps<{
  page: NotebookPage
  goal: string
  rally: string
  photo: Photo | undefined
}>()
</script>

<template>
  <div class="page">
    <p v-if="goal">{{ goal }}</p>
    <div class="two">
      <WrittenOn title="Our ideas" :lines="page.rounds.length > 1 ? 2 : 4" />
      <WrittenOn title="Our plan" :lines="page.rounds.length > 1 ? 2 : 4" />
    </div>
    <WrittenOn title="What we had" :text="page.materials.join(', ')" />
    <div class="rounds">
      <section v-for="r in page.rounds" :key="r.round" class="round">
        <h3>{{ page.rounds.length > 1 ? `Round ${r.round}` : 'What we measured' }}</h3>
        <p v-if="r.labels.length > 0">Our design: {{ r.labels.join(', ') }}.</p>
        <p v-for="c in r.changed" :key="c">We changed: {{ c }}.</p>
        <table v-if="r.attempts.length > 0">
          <thead>
            <tr>
              <th scope="col">Attempt</th>
              <th v-for="m in r.measures" :key="m" scope="col">{{ m }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(a, i) in r.attempts" :key="i">
              <th scope="row">{{ i + 1 }}</th>
              <td v-for="(v, j) in a" :key="j">{{ v || 'no success' }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="r.once.length > 0">{{ r.once.join(', ') }}.</p>
        <p v-if="r.points.length > 0">
          {{ r.points.join(', ') }}<template v-if="r.total">. Together {{ r.total }}</template
          >.
        </p>
        <p v-for="s in r.since" :key="s">{{ s }}.</p>
      </section>
    </div>
    <div class="two">
      <figure v-if="page.plot">
        <figcaption>{{ page.plot.title }}</figcaption>
        <PlotPicture :plot="page.plot" paper />
      </figure>
      <img
        v-if="photo"
        :src="`/api/rallies/${rally}/photos/${photo.id}`"
        :alt="`Photo of ${page.name}`"
        :width="photo.width"
        :height="photo.height"
      />
      <WrittenOn v-else title="Our drawing, with labels"><div class="box" aria-hidden="true"></div></WrittenOn>
    </div>
    <div class="two">
      <WrittenOn title="What worked" :text="page.rounds.at(-1)?.worked" />
      <WrittenOn title="What did not" :text="page.rounds.at(-1)?.didNot" />
    </div>
    <WrittenOn
      title="What we would change next, and why"
      :text="[page.rounds.at(-1)?.change, page.rounds.at(-1)?.why].filter(Boolean).join(', because ')"
    />
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: var(--space-4);
}
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-6);
}
.rounds {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
  gap: var(--space-4) var(--space-6);
}
.round {
  break-inside: avoid;
}
th,
td {
  text-align: left;
  padding: var(--space-1) var(--space-6) var(--space-1) 0;
  border-bottom: 1px solid var(--line-on-paper);
  font-weight: 500;
}
figure {
  margin: 0;
}
figcaption {
  font-weight: 700;
}
img {
  width: 100%;
  height: auto;
}
.box {
  height: 9rem;
  border: 1px solid var(--line-on-paper);
}
@media print {
  .page {
    line-height: 1.25;
    gap: var(--space-3);
  }
}
</style>
