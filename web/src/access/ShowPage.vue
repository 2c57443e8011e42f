<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { codeInAddress } from './codeInAddress'
import { join } from './join'
import { pageOf } from './pageOf'

/** A wall, or a team's own device, comes in by its link and needs nobody to type anything. */
const router = useRouter()
const status = ref('Joining')

async function open() {
  const answer = await join(codeInAddress(), '', false)
  if (answer.ok) {
    await router.replace(pageOf(answer.data))
  } else {
    status.value = answer.offline
      ? 'There is no connection. Load this page again.'
      : `${answer.refusal.title} ${answer.refusal.detail}`
  }
}
void open()
</script>

<template>
  <main id="main" class="desk stack">
    <h1>Plucky Rally</h1>
    <p role="status">{{ status }}</p>
  </main>
</template>
