<script setup lang="ts">
import type { ClassPage } from '@/api/names'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import WrittenOn from './WrittenOn.vue'

/** The class's page of the notebook. */
defineProps<{ page: ClassPage; title: string; name: string; day: string }>()
</script>

<template>
  <article class="page" aria-label="The class’s page">
    <header>
      <h2>{{ name }}</h2>
      <p>
        {{ title }}<template v-if="day">, {{ day }}</template>
      </p>
    </header>
    <figure v-if="page.plot">
      <figcaption>{{ page.plot.title }}</figcaption>
      <PlotPicture :plot="page.plot" />
    </figure>
    <section v-if="page.findings.length > 0">
      <h3>What we found</h3>
      <p v-for="f in page.findings" :key="f">{{ f }}</p>
    </section>
    <WrittenOn v-for="(q, i) in page.questions" :key="i" :title="q.question" :text="q.answers.join('; ')" />
    <WrittenOn title="What we want to find out next" :lines="3" />
  </article>
</template>

<style scoped>
.page {
  background: var(--sheet);
  padding: 1.5rem 2rem;
  display: grid;
  gap: 0.9rem;
}
header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 0.5rem;
}
h3 {
  font-size: 1rem;
}
figure {
  margin: 0;
}
figcaption {
  font-weight: 700;
}
@media print {
  .page {
    padding: 0;
    font-size: 12pt;
  }
}
</style>
