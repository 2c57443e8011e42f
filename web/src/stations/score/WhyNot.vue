<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import InputText from 'primevue/inputtext'
import { onMounted, useId, useTemplateRef } from 'vue'
import type { Problem } from '@/api/names'
import { useDraftKey } from '@/pads/recording'
import { useDraft } from '@/shared/useDraft'
import { usualReasons } from './usualReasons'

/** Why an attempt failed or is void: a usual reason is one touch, and it is recorded with it. */
const props = defineProps<{ outcome: 'failed' | 'void'; busy: boolean; problem?: Problem }>()
const emit = defineEmits<{ choose: [reason: string] }>()
const { draft: reason, follow } = useDraft(() => '', useDraftKey(`why:${props.outcome}`))
const id = useId()
const words = {
  failed: { title: 'Failed, because', does: 'A failed attempt uses one up.', record: 'Record as failed' },
  void: {
    title: 'Doesn’t count, because',
    does: 'An attempt that doesn’t count does not use one up; it is done again.',
    record: 'Record as “doesn’t count”',
  },
}
const first = useTemplateRef('first')
onMounted(() => first.value?.querySelector('button')?.focus({ preventScroll: true }))
function say() {
  const words = reason.value.trim()
  follow()
  emit('choose', words)
}
</script>

<template>
  <div class="why" role="group" :aria-label="words[props.outcome].title">
    <p>
      <b>{{ words[outcome].title }}</b> <span class="small muted">{{ words[outcome].does }}</span>
    </p>
    <div ref="first" class="touch-row">
      <PadButton
        v-for="r in usualReasons[outcome]"
        :key="r"
        type="button"
        :label="r"
        variant="outlined"
        severity="secondary"
        :disabled="busy"
        @click="emit('choose', r)"
      />
      <PadButton
        v-if="outcome === 'failed'"
        type="button"
        label="no reason"
        variant="outlined"
        severity="secondary"
        :disabled="busy"
        @click="emit('choose', '')"
      />
    </div>
    <label :for="id" class="small">In your words</label>
    <div class="touch-row">
      <InputText :id="id" v-model="reason" class="reason" :invalid="!!problem" @keydown.enter.prevent="say" />
      <PadButton type="button" :label="words[outcome].record" severity="secondary" :disabled="busy" @click="say" />
    </div>
    <p v-if="problem" class="small wrong" role="alert">{{ problem.what }} {{ problem.remedy }}</p>
  </div>
</template>

<style scoped>
.why {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-3);
}
.reason {
  flex: 1 1 12rem;
  min-width: 0;
}
</style>
