<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { Plot, PlotSee } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useRally } from '@/shared/openRally'
import { useToWall } from '@/shared/useToWall'

/** Hangs the picture on the wall: with the teams' names, or without. */
const props = defineProps<{ see: PlotSee; figure: string; other: string; plot: Plot }>()
const names = ref(false)
const { rally, round } = useRally()
const { shown, refusal, show } = useToWall(
  () => rally.value?.id ?? '',
  () => round.value,
)
function hang() {
  const { see, figure, other, plot } = props
  const { sort, title } = plot
  return show(title, { shows: 'plot', plot: { see, figure, other, sort, title, names: names.value } })
}
</script>

<template>
  <div class="to-wall">
    <label class="small"><input v-model="names" type="checkbox" /> with the teams’ names</label>
    <Button type="button" label="Show on the wall" variant="outlined" @click="hang" />
    <p v-if="shown" role="status" class="small muted">The wall shows “{{ shown }}”.</p>
    <RefusalNote v-if="refusal" :refusal="refusal" />
  </div>
</template>

<style scoped>
.to-wall {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3) var(--space-5);
}
</style>
