<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { BoardOfDay, DayOpened, Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'

/** What the board of the day shows, and the places one by one. */
const props = defineProps<{ day: DayOpened }>()
const emit = defineEmits<{ changed: [] }>()
const choices: readonly { value: BoardOfDay['shows']; label: string }[] = [
  { value: 'everything', label: 'Everything in turn' },
  { value: 'tables', label: 'Who is next at which table' },
  { value: 'list', label: 'Combined results' },
  { value: 'class', label: 'Results class by class' },
  { value: 'awards', label: 'Awards' },
  { value: 'reveal', label: 'Places one by one' },
]
const refusal = ref<Refusal>()
const places = computed(() => Math.max(0, ...props.day.lists.map((l) => l.places)))
const revealed = computed(() => Math.min(props.day.board.revealed, places.value))
const missing = computed(() => props.day.lists.flatMap((l) => l.missing))
/** Long lists of names are not read. */
const few = 6
const missingSays = computed(() => {
  const { length } = missing.value
  const more = length > few ? ` and ${length - few} more` : ''
  const names = missing.value.slice(0, few).join(', ')
  return `${length === 1 ? '1 team is' : `${length} teams are`} not finished: ${names}${more}.`
})
async function set(board: BoardOfDay) {
  const answer = await ask(api.PUT('/api/days/{id}/board', { params: { path: { id: props.day.id } }, body: board }))
  refusal.value = refusalOf(answer)
  emit('changed')
}
const show = (shows: BoardOfDay['shows']) => set({ shows, revealed: 0 })
const reveal = (n: number) => set({ shows: 'reveal', revealed: n })
</script>

<template>
  <section aria-labelledby="board">
    <h2 id="board">The board</h2>
    <div class="touch-row">
      <Select
        :model-value="day.board.shows"
        :options="[...choices]"
        option-label="label"
        option-value="value"
        aria-label="What the board shows"
        @update:model-value="show($event)"
      />
      <RouterLink :to="`/days/${day.id}/board`">Open the board</RouterLink>
    </div>
    <p v-if="missing.length > 0 && day.board.shows !== 'tables'" class="heed">{{ missingSays }}</p>
    <template v-if="day.board.shows === 'reveal'">
      <p v-if="places === 0" class="muted">No results to combine yet.</p>
      <div v-else class="touch-row">
        <Button label="Show the next place" :disabled="revealed >= places" @click="reveal(revealed + 1)" />
        <Button label="Hide the last one" variant="outlined" :disabled="revealed === 0" @click="reveal(revealed - 1)" />
        <Button label="Show all" variant="outlined" :disabled="revealed >= places" @click="reveal(places)" />
        <span role="status">{{ revealed }} of {{ places }} places shown</span>
      </div>
    </template>
    <RefusalNote :refusal="refusal" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-3);
  padding-top: var(--space-5);
}
.touch-row {
  align-items: center;
}
</style>
