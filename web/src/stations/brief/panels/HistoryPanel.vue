<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import { done } from '@/shared/useDone'
import type { Difference } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import DifferenceTable from '@/shared/DifferenceTable.vue'

/** How the brief stood earlier, what has changed since, and the way back. */
const props = defineProps<{ id: string }>()
defineEmits<{ restore: [revision: number] }>()
const { data, state, refusal, load } = useLoad(() =>
  ask(api.GET('/api/briefs/{id}/versions', { params: { path: { id: props.id } } })),
)
void load()
const open = ref<number>()
const differences = ref<readonly Difference[]>([])
const when = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' })

async function toggle(revision: number) {
  if (open.value === revision) return void (open.value = undefined)
  const answer = await done(
    api.GET('/api/briefs/{id}/versions/{revision}', { params: { path: { id: props.id, revision } } }),
  )
  if (!answer.ok) return
  differences.value = answer.data
  open.value = revision
}
</script>

<template>
  <section aria-labelledby="earlier">
    <h2 id="earlier">Earlier</h2>
    <LoadNote :state="state" :refusal="refusal" what="the versions" @again="load" />
    <p v-if="data?.length === 0" class="muted">
      No earlier version yet. One is kept when you come back to a brief after five minutes.
    </p>
    <ul>
      <li v-for="v in data ?? []" :key="v.revision">
        <button type="button" class="act" :aria-expanded="open === v.revision" @click="toggle(v.revision)">
          {{ when.format(new Date(v.savedAt)) }}
        </button>
        {{ v.title || 'Untitled' }}
        <div v-if="open === v.revision">
          <DifferenceTable :differences="differences" before="Then" after="Now" />
          <Button label="Restore this version" size="small" @click="$emit('restore', v.revision)" />
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
}
</style>
