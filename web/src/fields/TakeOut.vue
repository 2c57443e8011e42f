<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useDependents } from './dependents'

/** Takes something out; where other things rest on it, that is said first. */
const props = defineProps<{
  /** What the button does, for who cannot see where it stands. */
  label: string
  at: string
}>()
const emit = defineEmits<{ out: [] }>()
const dependents = useDependents()
const on = computed(() => dependents(props.at))
const inARow = (names: readonly string[]) => [names.slice(0, -1).join(', '), names.at(-1)].filter(Boolean).join(' and ')
const confirming = ref(false)
const keep = useTemplateRef<HTMLElement>('keep')
async function take() {
  if (on.value.length === 0) return emit('out')
  confirming.value = true
  await nextTick()
  keep.value?.focus()
}
</script>

<template>
  <span v-if="confirming" class="confirming small not-on-paper" role="group" :aria-label="label">
    This is used by {{ inARow(on) }}.
    <button ref="keep" type="button" class="act" @click="confirming = false">Cancel</button>
    <button type="button" class="act" @click="emit('out')">Remove it anyway</button>
  </span>
  <button v-else type="button" class="act not-on-paper" :aria-label="label" @click="take">Remove</button>
</template>

<style scoped>
.confirming {
  display: grid;
  justify-items: start;
  max-width: 14rem;
  line-height: 1.4;
}
</style>
