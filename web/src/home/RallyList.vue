<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { RallyOnShelf } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import { shortDay } from '@/shared/days'

const props = defineProps<{ rallies: readonly RallyOnShelf[] }>()
const emit = defineEmits<{ changed: [] }>()
const asking = ref<string>()
const asked = computed(() => props.rallies.find((r) => r.id === asking.value))
async function remove() {
  if (!asking.value) return
  await ask(api.DELETE('/api/rallies/{id}', { params: { path: { id: asking.value } } }))
  emit('changed')
}
const says = (r: RallyOnShelf) =>
  r.entries === 0
    ? `${r.teams} teams, nothing recorded yet`
    : `${r.teams} teams, ${r.entries} ${r.entries === 1 ? 'entry' : 'entries'}`
</script>

<template>
  <p v-if="rallies.length === 0" class="empty">No rally yet. Choose a brief and make teams for it.</p>
  <ul>
    <li v-for="r in rallies" :key="r.id">
      <h3>
        <RouterLink :to="`/rallies/${r.id}/${r.entries > 0 ? 'results' : 'kit'}`">{{ r.name }}</RouterLink>
      </h3>
      <p>
        {{ r.briefTitle }}<template v-if="r.date">, {{ shortDay(r.date) }}</template>
      </p>
      <p class="muted small figures">{{ says(r) }}</p>
      <p class="small ways">
        <RouterLink :to="`/rallies/${r.id}/score`" :aria-label="`Score ${r.name}`">Score</RouterLink>
        <RouterLink :to="`/rallies/${r.id}/results`" :aria-label="`Results of ${r.name}`">Results</RouterLink>
        <a :href="`/api/rallies/${r.id}/file`" download :aria-label="`File of ${r.name}`">File</a>
        <button type="button" class="act" :aria-label="`Take away: ${r.name}`" @click="asking = r.id">Take away</button>
      </p>
    </li>
  </ul>
  <AskRemoval
    v-if="asked"
    v-model="asking"
    :what="asked.name"
    :goes="`The rally with ${says(asked)}, its photos, and the codes of its judges and walls.`"
    @yes="remove"
  />
</template>

<style scoped>
li {
  padding: 0.75rem 0;
  border-bottom: var(--stitch);
  overflow-wrap: anywhere;
}
.empty {
  padding: 1.5rem 0;
}
.ways {
  display: flex;
  align-items: baseline;
  gap: 1rem;
}
</style>
