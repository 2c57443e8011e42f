<script setup lang="ts">
import TopBar from '@/shared/TopBar.vue'
</script>

<template>
  <TopBar />
  <main id="main" class="notice">
    <h1>There is no page at this address.</h1>
    <p>It may have been removed, or a letter of the address is missing.</p>
    <p><RouterLink to="/">Go to the start page</RouterLink> and choose it there.</p>
  </main>
</template>
