<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import { codeInAddress } from './codeInAddress'
import { pageOf } from './pageOf'
import { askWho } from './useWho'

/** A wall, or a team's own device, comes in by its link and needs nobody to type anything. */
const router = useRouter()
const says = ref('Coming in')

async function open() {
  const answer = await ask(api.POST('/api/join', { body: { code: codeInAddress(), name: '', same: false } }))
  if (answer.ok) {
    await askWho()
    await router.replace(pageOf(answer.data))
  } else {
    says.value = answer.offline
      ? 'There is no connection. Load this page again.'
      : `${answer.refusal.title} ${answer.refusal.detail}`
  }
}
void open()
</script>

<template>
  <main id="main" class="desk">
    <h1>Plucky Rally</h1>
    <p role="status">{{ says }}</p>
  </main>
</template>
