<script setup lang="ts">
import type { Ref } from 'vue'

/** Back and forward over the steps in which a brief is written. */
defineProps<{
  steps: { undo: () => void; redo: () => void; canUndo: Readonly<Ref<boolean>>; canRedo: Readonly<Ref<boolean>> }
}>()
</script>

<template>
  <button type="button" class="act" :disabled="!steps.canUndo.value" @click="steps.undo">Undo</button>
  <button type="button" class="act" :disabled="!steps.canRedo.value" @click="() => steps.redo()">Redo</button>
</template>

<style scoped>
.act:disabled {
  color: var(--muted);
  text-decoration: none;
  cursor: default;
}
</style>
