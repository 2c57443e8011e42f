<script setup lang="ts">
import { computed, defineAsyncComponent, provide, reactive, watch, type Component } from 'vue'
import { api, ask } from '@/api/client'
import type { RallyOfDay } from '@/api/names'
import { onPaper } from '@/papers/onPaper'
import { printing, type OnPaper, type PaperChoices } from '@/papers/paper'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'

/** One class's sheets among those of the day: its certificates say the places as the day combines them. */
const props = defineProps<{
  day: string
  about: string
  rally: RallyOfDay
  sheet: () => Promise<Component>
  choices: PaperChoices
  why: boolean
}>()
const Sheet = defineAsyncComponent(() => props.sheet())
const { rally: id, round } = props.rally
const path = { id }
const opened = useLoad(() => ask(api.GET('/api/rallies/{id}', { params: { path, query: { round } } })))
const kit = useLoad(() => ask(api.GET('/api/rallies/{id}/kit', { params: { path, query: { round } } })))
const papers = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/papers', {
      params: { path, query: { round, why: props.why, day: props.day } },
    }),
  ),
)
for (const part of [opened, kit]) void part.load()
watch(
  () => props.why,
  () => void papers.load(),
  { immediate: true },
)
const on = computed(() => {
  const [r, k, p] = [opened.data.value, kit.data.value, papers.data.value]
  return r && k && p ? onPaper(r, round, p, k.teams, props.about) : undefined
})
const now = reactive({
  // Nothing is printed before it is there.
  on: computed(() => on.value as OnPaper),
  choices: computed(() => ({ ...props.choices, tables: props.rally.tables.length })),
  teams: computed(() => on.value?.rally?.teams ?? []),
})
provide(printing, now)
</script>

<template>
  <Sheet v-if="on" />
  <template v-else>
    <LoadNote
      v-for="part in [opened, kit, papers].filter((p) => !p.data.value)"
      :key="part.state.value"
      :state="part.state.value"
      :refusal="part.refusal.value"
      :what="`the papers of ${props.rally.name}`"
      @again="part.load"
    />
  </template>
</template>
