<script setup lang="ts">
import Button from 'primevue/button'
import type { Coming } from './usePlacing'

/** What the class's preferences say to a student in a team, before it is done. */
defineProps<{ coming: Coming; teamName: string }>()
defineEmits<{ place: []; leave: [] }>()
</script>

<template>
  <div class="heed" role="alert">
    <p v-for="s in coming.warnings" :key="s">{{ s }}</p>
    <p class="ways">
      <Button :label="`${coming.name} into ${teamName} anyway`" size="small" @click="$emit('place')" />
      <Button label="Cancel" size="small" variant="outlined" @click="$emit('leave')" />
    </p>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  padding-top: var(--space-3);
}
</style>
