<script setup lang="ts">
import type { ClassPage } from '@/api/names'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import WrittenOn from './WrittenOn.vue'

/** The class's page of the notebook. */
defineProps<{ page: ClassPage }>()
</script>

<template>
  <div class="page">
    <figure v-if="page.plot">
      <figcaption>{{ page.plot.title }}</figcaption>
      <PlotPicture :plot="page.plot" paper />
    </figure>
    <section v-if="page.findings.length > 0">
      <h3>What we found</h3>
      <p v-for="f in page.findings" :key="f">{{ f }}</p>
    </section>
    <WrittenOn v-for="(q, i) in page.questions" :key="i" :title="q.question" :text="q.answers.join('; ')" />
    <WrittenOn title="What we want to find out next" :lines="3" />
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: var(--space-4);
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
    gap: var(--space-3);
  }
}
</style>
