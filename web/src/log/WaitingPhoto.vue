<script setup lang="ts">
import { useObjectUrl } from '@vueuse/core'
import PadButton from '@/pads/PadButton.vue'
import type { UnsentPhoto } from '@/shared/deviceStore'

/** A photo that waits on this device, or that the server refused. */
const props = defineProps<{ photo: UnsentPhoto }>()
const emit = defineEmits<{ drop: [] }>()
const picture = useObjectUrl(() => props.photo.picture)
</script>

<template>
  <li class="heed touch-row">
    <img v-if="!photo.refusal" :src="picture" alt="The photo that waits" />
    <p v-if="photo.refusal" class="wrong small" role="alert">{{ photo.refusal.title }} {{ photo.refusal.detail }}</p>
    <p v-else class="small" role="status">Kept on this device. It is sent automatically when the connection is back.</p>
    <PadButton v-if="photo.refusal" label="Discard" variant="outlined" @click="emit('drop')" />
  </li>
</template>

<style scoped>
li {
  margin: var(--space-3) 0;
}
img {
  height: 5rem;
  border: 1.5px solid var(--ink);
}
</style>
