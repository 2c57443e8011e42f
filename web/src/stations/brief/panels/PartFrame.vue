<script setup lang="ts">
import type { Part } from '@/api/names'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import TakeOut from '@/fields/TakeOut.vue'

/** What all parts have: a name, a weight, limits, and what is given where there was no success. */
defineProps<{ part: Part; detail: string; limits?: boolean }>()
defineEmits<{ remove: []; copy: [] }>()
</script>

<template>
  <div class="part" :data-at="`/method/parts/${part.id}`" tabindex="-1">
    <h3>
      <InlineText
        v-model="part.name"
        label="Name of the part"
        :at="`/method/parts/${part.id}/name`"
        placeholder="Name, such as Height"
      />
      <button type="button" class="act" :aria-label="`Copy: ${part.name || 'part'}`" @click="$emit('copy')">
        Copy
      </button>
      <TakeOut :label="`Remove: ${part.name || 'part'}`" :at="`/method/parts/${part.id}`" @out="$emit('remove')" />
    </h3>
    <p class="small muted">{{ detail }}</p>
    <slot />
    <details class="small">
      <summary>Weight, limits, and what a miss scores</summary>
      <p class="line">
        Its points count
        <InlineNumber v-model="part.weight" label="Weight" :at="`/method/parts/${part.id}/weight`" /> times; at least
        <InlineNumber v-model="part.floor" label="Fewest points" :at="`/method/parts/${part.id}/floor`" />, at most
        <InlineNumber v-model="part.cap" label="Most points" :at="`/method/parts/${part.id}/cap`" /> points. A miss
        scores
        <InlineNumber
          v-model="part.failurePoints"
          label="Points for a miss"
          :at="`/method/parts/${part.id}/failurePoints`"
        />
        points. Where there is no value,
        <InlineChoice
          v-model="part.noValue"
          label="Where there is no value"
          :options="[
            ['failurePoints', 'the part scores those points too'],
            ['unfinished', 'the team is unfinished'],
          ]"
        />.
        <InlineCheck v-model="part.off" label="Left out here (a tier can bring it in)" />
      </p>
    </details>
  </div>
</template>

<style scoped>
.act {
  white-space: nowrap;
}
summary {
  cursor: pointer;
  min-height: 24px;
  color: var(--muted);
}
</style>
