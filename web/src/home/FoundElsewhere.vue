<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Removed } from '@/api/names'
import { isBackIn, removedSays } from '@/keeping/removedSays'
import { dayOf } from '@/shared/days'
import { done } from '@/shared/useDone'
import { useLoad } from '@/shared/useLoad'
import { titleOf } from './rallyRow'

/** What a search finds beside the listed briefs: rallies, and what is archived or was deleted, with where it is. */
const { search, archived } = defineProps<{ search: string; archived: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const restored = defineModel<string>('restored')
const found = useLoad(() => ask(api.GET('/api/kept/found', { params: { query: { search, archived } } })))
watch([() => search, () => archived], () => void found.load(), { immediate: true })

type Row = { key: string; title: string; to?: string; where: string; restore?: () => Promise<void> }
const title = (brief: { title: string }) => brief.title || 'Untitled brief'
async function put(path: '/api/briefs/{id}/archived' | '/api/rallies/{id}/archived', id: string, says: string) {
  const answer = await done(api.PUT(path, { params: { path: { id } }, body: { away: false } }))
  if (answer.ok) await changed(says)
}
async function bring(r: Removed) {
  const answer = await done(
    api.POST('/api/kept/removed/{sort}/{id}/back', { params: { path: { sort: r.sort, id: r.id } } }),
  )
  if (answer.ok) await changed(`Restored: ${removedSays(r)}. ${isBackIn(r)}`)
}
async function changed(says: string) {
  restored.value = says
  await found.load()
  emit('changed')
}
const rows = computed<Row[]>(() => {
  const f = found.data.value
  if (!f) return []
  return [
    ...f.briefs.map((b) => ({
      key: b.id,
      title: `Brief “${title(b)}”`,
      to: `/briefs/${b.id}`,
      where: archived ? 'among the briefs' : 'archived',
      ...(archived
        ? {}
        : { restore: () => put('/api/briefs/{id}/archived', b.id, `Restored: ${title(b)}. It is among the briefs.`) }),
    })),
    ...f.rallies.map((r) => ({
      key: r.id,
      title: `Rally ${titleOf(r)}`,
      to: `/rallies/${r.id}/next`,
      where: r.archived ? 'archived' : 'among the rallies',
      ...(r.archived
        ? {
            restore: () => put('/api/rallies/{id}/archived', r.id, `Restored: ${titleOf(r)}. It is among the rallies.`),
          }
        : {}),
    })),
    ...f.removed.map((r) => ({
      key: r.id,
      title: removedSays(r),
      where: `recently deleted, until ${dayOf(r.goneAt)}`,
      restore: () => bring(r),
    })),
  ]
})
</script>

<template>
  <section v-if="rows.length > 0" aria-labelledby="elsewhere">
    <h3 id="elsewhere">Also found</h3>
    <ul>
      <li v-for="r in rows" :key="r.key">
        <RouterLink v-if="r.to" :to="r.to">{{ r.title }}</RouterLink>
        <span v-else>{{ r.title }}</span>
        <span class="small muted">{{ r.where }}</span>
        <button v-if="r.restore" type="button" class="act" :aria-label="`Restore: ${r.title}`" @click="r.restore">
          Restore
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
h3 {
  font-size: var(--size-lead);
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-2) var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
  overflow-wrap: anywhere;
}
</style>
