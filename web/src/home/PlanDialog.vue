<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'

/** What is planned: a brief, new or with its plan. */
export interface Planning {
  brief: string
  title: string
  id?: string
  date?: string
  wholeWeek?: boolean
  for?: string
}
/** Gives a brief its place in the year, before any team exists. */
const planning = defineModel<Planning>()
const emit = defineEmits<{ kept: [] }>()
const typed = ref({ date: '', wholeWeek: false, for: '' })
const refusal = ref<Refusal>()
watch(planning, (p) => {
  refusal.value = undefined
  if (p)
    typed.value = {
      date: p.date ?? new Date().toLocaleDateString('sv'),
      wholeWeek: p.wholeWeek ?? false,
      for: p.for ?? '',
    }
})
async function keep() {
  const p = planning.value
  if (!p) return
  const body = { brief: p.brief, ...typed.value }
  const answer = p.id
    ? await ask(api.PUT('/api/year/plans/{id}', { params: { path: { id: p.id } }, body }))
    : await ask(api.POST('/api/year/plans', { body }))
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  planning.value = undefined
  emit('kept')
}
</script>

<template>
  <Dialog
    :visible="planning !== undefined"
    modal
    :header="`Plan: ${planning?.title ?? ''}`"
    :style="{ width: '26rem' }"
    dismissable-mask
    @update:visible="planning = undefined"
  >
    <form novalidate @submit.prevent="keep">
      <label>When <input v-model="typed.date" type="date" class="inline" aria-label="When" /></label>
      <label><input v-model="typed.wholeWeek" type="checkbox" /> any day of that week</label>
      <label
        >For whom <input v-model="typed.for" class="inline" maxlength="80" placeholder="a class, or nobody yet"
      /></label>
      <p class="small muted">It stands on the year line, and what is to be bought counts it. Teams come later.</p>
      <RefusalNote :refusal="refusal" />
      <Button type="submit" label="Plan it" />
    </form>
  </Dialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 0.75rem;
  justify-items: start;
}
</style>
