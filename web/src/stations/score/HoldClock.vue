<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import { useWatch } from '@/pads/useWatch'

/** After everybody lets go a build must stand by itself for so long; if it falls before, the attempt has failed. */
const props = defineProps<{ hold: number }>()
const emit = defineEmits<{ fell: [after: string] }>()
const { running, seconds, start, stop } = useWatch()
const held = computed(() => seconds.value >= props.hold)
</script>

<template>
  <div class="touch-row">
    <PadButton
      v-if="!running"
      type="button"
      data-key="hold"
      :label="`Let go: count ${hold} s`"
      variant="outlined"
      @click="start"
    />
    <template v-else>
      <b class="figures" role="timer">{{ Math.min(seconds, hold).toFixed(1) }} of {{ hold }} s</b>
      <span v-if="held" role="status">It held. Now measure.</span>
      <PadButton v-if="held" type="button" data-key="hold" label="OK" variant="outlined" @click="stop" />
      <PadButton
        v-else
        type="button"
        data-key="hold"
        label="It fell"
        severity="danger"
        variant="outlined"
        @click="emit('fell', stop().toFixed(1))"
      />
    </template>
  </div>
</template>

<style scoped>
b {
  font-size: var(--size-number);
}
</style>
