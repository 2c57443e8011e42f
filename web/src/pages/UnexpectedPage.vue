<script setup lang="ts">
import Button from 'primevue/button'

defineProps<{ error: unknown }>()
const reload = () => location.assign(location.href)
</script>

<template>
  <main id="main" class="desk reading stack">
    <h1>Something went wrong on this page</h1>
    <p>Nothing that was recorded is lost. Load the page again. If it happens again, go to Home.</p>
    <p class="ways">
      <Button label="Load again" @click="reload" />
      <Button as="a" href="/" label="Home" variant="outlined" />
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
  gap: var(--space-4);
}
pre {
  white-space: pre-wrap;
}
</style>
