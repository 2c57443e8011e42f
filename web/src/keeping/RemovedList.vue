<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Removed } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import { dayOf } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import { done } from '@/shared/useDone'
import { isBackIn, removedSays } from './removedSays'

/** What was deleted: for 30 days it can be restored. */
const removed = useLoad(() => ask(api.GET('/api/kept/removed')))
void removed.load()
/** What was restored last, and where it is. */
const restored = ref('')
const removing = ref<string>()
const chosen = computed(() => removed.data.value?.find((r) => r.id === removing.value))
const goes = {
  brief: 'The brief and its earlier versions.',
  rally: 'The rally with everything recorded in it, and its photos.',
  class: 'The class with the names of its students. Their rallies stay, without names.',
  student: 'The name, in every rally. The team’s results stay.',
  photo: 'The photo.',
} as const
async function deleteNow() {
  const r = chosen.value
  if (!r) return
  await done(api.DELETE('/api/kept/removed/{sort}/{id}', { params: { path: { sort: r.sort, id: r.id } } }))
  await removed.load()
}
async function restore(r: Removed) {
  const answer = await done(
    api.POST('/api/kept/removed/{sort}/{id}/back', { params: { path: { sort: r.sort, id: r.id } } }),
  )
  if (answer.ok) restored.value = `Restored: ${removedSays(r)}. ${isBackIn(r)}`
  await removed.load()
}
</script>

<template>
  <section aria-labelledby="removed">
    <h2 id="removed">Recently deleted</h2>
    <p v-if="restored" role="status">{{ restored }}</p>
    <LoadNote
      v-if="!removed.data.value"
      :state="removed.state.value"
      :refusal="removed.refusal.value"
      what="what was deleted"
      @again="removed.load"
    />
    <p v-else-if="removed.data.value.length === 0" class="muted">
      Nothing was deleted in the last 30 days. What you delete stays here for 30 days; backups lose it as they age.
    </p>
    <ul v-else>
      <li v-for="r in removed.data.value" :key="r.id">
        <span>{{ removedSays(r) }}</span>
        <span class="small muted">deleted for good on {{ dayOf(r.goneAt) }}</span>
        <button type="button" class="act" :aria-label="`Restore: ${removedSays(r)}`" @click="restore(r)">
          Restore
        </button>
        <button type="button" class="act" :aria-label="`Delete now: ${removedSays(r)}`" @click="removing = r.id">
          Delete now
        </button>
      </li>
    </ul>
    <AskRemoval
      v-if="chosen"
      v-model="removing"
      :what="removedSays(chosen)"
      :goes="goes[chosen.sort]"
      back="This cannot be undone. Backups that were made before still have it."
      @yes="deleteNow"
    />
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto auto;
  gap: var(--space-5);
  align-items: baseline;
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
  overflow-wrap: anywhere;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-2);
  }
}
</style>
