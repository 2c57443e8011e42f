<script setup lang="ts">
defineProps<{ error: unknown }>()
const reload = () => location.assign(location.href)
</script>

<template>
  <main id="main" class="desk reading stack">
    <h1>Something went wrong on this page</h1>
    <p>Nothing that was recorded is lost. Load the page again. If it happens again, go to Home.</p>
    <p class="ways">
      <button type="button" class="way first" @click="reload">Load again</button>
      <a class="way" href="/">Home</a>
    </p>
    <details>
      <summary>Details</summary>
      <pre>{{ error }}</pre>
    </details>
  </main>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
pre {
  white-space: pre-wrap;
}
</style>
