<script setup lang="ts">
import { useRouter } from 'vue-router'
import { useRally } from '@/shared/openRally'

/** Goes on at the station where something is still to be done. */
const { rally, inRound } = useRally()
const now = rally.value
if (now) void useRouter().replace(inRound(`/rallies/${now.id}/${now.progress.goesOn}`))
</script>

<template>
  <main id="main" class="desk"></main>
</template>
