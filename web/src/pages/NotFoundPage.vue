<script setup lang="ts">
import TopBar from '../shared/TopBar.vue'
</script>

<template>
  <TopBar />
  <main id="main" class="page">
    <h1>There is no page at this address.</h1>
    <p>It may have been removed, or a letter of the address is missing.</p>
    <p><RouterLink to="/">Go to the start page</RouterLink> and choose it there.</p>
  </main>
</template>

<style scoped>
.page {
  max-width: 40rem;
  margin: 4rem auto;
  padding: 0 1.5rem;
  display: grid;
  gap: 1rem;
}
</style>
