<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { ReadyBrief, Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'
import PatternMark from './PatternMark.vue'

/** Briefs that come along, to take a copy of: it is the school's own from then on. */
defineProps<{ briefs: readonly ReadyBrief[] }>()
const router = useRouter()
const copying = ref('')
const refusal = ref<Refusal>()
async function copy(brief: ReadyBrief) {
  copying.value = brief.name
  const answer = await ask(api.POST('/api/briefs/ready/{name}/copy', { params: { path: { name: brief.name } } }))
  copying.value = ''
  refusal.value = refusalOf(answer)
  if (answer.ok) await router.push(`/briefs/${answer.data.id}`)
}
</script>

<template>
  <p class="small muted note">These briefs can be run as they are. Your copy is yours to change.</p>
  <RefusalNote :refusal="refusal" />
  <ul>
    <li v-for="b in briefs" :key="b.name">
      <PatternMark :pattern="b.pattern" />
      <div>
        <b>{{ b.title }}</b>
        <p class="small muted">{{ b.goal }}</p>
        <p class="small">{{ b.minutes }} minutes</p>
      </div>
      <Button
        label="Copy"
        size="small"
        variant="outlined"
        :aria-label="`Copy ${b.title}`"
        :loading="copying === b.name"
        @click="copy(b)"
      />
    </li>
  </ul>
</template>

<style scoped>
.note {
  margin-top: var(--space-4);
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(22rem, 1fr));
  gap: 0 var(--space-7);
  margin-top: var(--space-3);
}
li {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) auto;
  gap: var(--space-4);
  align-items: start;
  padding: var(--space-4) 0;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 480px) {
  ul {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
