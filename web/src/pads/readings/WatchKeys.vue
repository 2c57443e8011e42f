<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { JudgeMeasure } from '@/api/names'
import { useWatch } from '@/pads/useWatch'
import KeyRow from './KeyRow.vue'

/** A stopwatch whose time goes into the field. */
const props = defineProps<{ measure: JudgeMeasure }>()
const typed = defineModel<string>({ required: true })
const decimals = props.measure.step < 0.1 ? 2 : props.measure.step < 1 ? 1 : 0
const { running, seconds, start, stop } = useWatch()
function startOrStop() {
  if (running.value) typed.value = `${stop().toFixed(decimals)} s`
  else start()
}
</script>

<template>
  <KeyRow :label="`Watch for ${measure.name}`">
    <PadButton
      type="button"
      data-key="watch"
      :label="running ? 'Stop the watch' : 'Start the watch'"
      :variant="running ? undefined : 'outlined'"
      @click="startOrStop"
    />
    <b v-if="running" class="figures" aria-hidden="true">{{ seconds.toFixed(1) }} s</b>
  </KeyRow>
</template>
