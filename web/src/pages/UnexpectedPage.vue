<script setup lang="ts">
defineProps<{ error: unknown }>()
const reload = () => location.assign(location.href)
</script>

<template>
  <main id="main" class="notice">
    <h1>This page stumbled.</h1>
    <p>What was recorded is safe. Load the page again; if it stumbles once more, go to the start page.</p>
    <p class="ways">
      <button type="button" class="inline" @click="reload">Load again</button>
      <a href="/">Start page</a>
    </p>
    <details>
      <summary>What the page said</summary>
      <pre>{{ error }}</pre>
    </details>
  </main>
</template>

<style scoped>
.ways {
  display: flex;
  gap: 1.5rem;
}
pre {
  white-space: pre-wrap;
}
</style>
