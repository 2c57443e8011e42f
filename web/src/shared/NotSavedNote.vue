<script setup lang="ts">
/** Says that what was changed is not saved yet, and lets it be discarded. */
defineProps<{ changed: boolean }>()
defineEmits<{ discard: [] }>()
</script>

<template>
  <p v-if="changed" class="small" role="status">
    Not saved yet. Your changes are kept in this browser.
    <button type="button" class="act" @click="$emit('discard')">Discard changes</button>
  </p>
</template>
