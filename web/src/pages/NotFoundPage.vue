<script setup lang="ts"></script>

<template>
  <main id="main" class="desk reading stack">
    <h1>There is no page at this address.</h1>
    <p>It may have been removed, or a letter of the address is missing.</p>
    <p><RouterLink to="/">Go to Home</RouterLink> and choose it there.</p>
  </main>
</template>
