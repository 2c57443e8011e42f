<script setup lang="ts">
import { useWho } from '@/access/useWho'

/** In the demo that was opened beside one's own data: what this is, and the way out. */
const { who } = useWho()
</script>

<template>
  <p v-if="who?.demoHome" class="banner not-on-paper" role="note">
    This is the demo. Nothing here touches your own data.
    <a :href="`${who.demoHome}/?left=demo`">Leave the demo</a>
  </p>
</template>

<style scoped>
.banner {
  background: var(--marigold-wash);
  border-bottom: 2px solid var(--marigold);
  padding: var(--space-2) var(--margin);
}
</style>
