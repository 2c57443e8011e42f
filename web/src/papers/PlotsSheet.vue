<script setup lang="ts">
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import { useLoad } from '@/shared/useLoad'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** The class's numbers in pictures, the ones that its grades are taught first. */
const { rally } = useRallyPrinting()
const seen = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/plots', { params: { path: { id: rally.id }, query: { round: rally.round } } })),
)
void seen.load()
</script>

<template>
  <LoadNote
    v-if="!seen.data.value"
    :state="seen.state.value"
    :refusal="seen.refusal.value"
    what="the pictures"
    @again="seen.load"
  />
  <p v-else-if="seen.data.value.plots.length === 0" class="muted">Nothing has been read yet that could be drawn.</p>
  <PaperSheet v-else title="The class’s plots">
    <figure v-for="p in seen.data.value.plots" :key="p.sort + p.title">
      <figcaption>{{ p.sortName }}: {{ p.title }}</figcaption>
      <PlotPicture :plot="p" paper />
      <p v-for="s in p.says" :key="s">{{ s }}</p>
    </figure>
  </PaperSheet>
</template>

<style scoped>
figure {
  margin: 0;
  break-inside: avoid;
}
figcaption {
  font-weight: 700;
}
</style>
