<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { useWatch } from './useWatch'

/** A time as it is read off a watch, or taken by the one here. */
defineProps<{ label: string; shown?: string; invalid?: boolean }>()
const typed = defineModel<string>({ required: true })
const { running, seconds, start, stop } = useWatch()
const startOrStop = () => (running.value ? (typed.value = `${stop().toFixed(1)} s`) : start())
</script>

<template>
  <input
    v-model="typed"
    class="touch-field figures time"
    autocomplete="off"
    :aria-label="label"
    :placeholder="shown || '1:23.4'"
    :aria-invalid="invalid"
  />
  <PadButton
    type="button"
    :label="running ? `Stop: ${seconds.toFixed(1)} s` : 'Watch'"
    :aria-label="running ? `Stop the watch: ${label}` : `Watch: start it for ${label}`"
    :variant="running ? undefined : 'outlined'"
    severity="secondary"
    @click="startOrStop"
  />
</template>

<style scoped>
.time {
  width: 7rem;
}
</style>
