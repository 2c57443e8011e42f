<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { PlanStop, Refusal } from '@/api/names'
import ConflictNote from '@/shared/ConflictNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useMeanwhile } from '@/shared/useMeanwhile'
import { singly } from '@/shared/singly'

/** What is planned: a brief, new or with its plan. */
export interface Planning {
  brief: string
  title: string
  /** The plan that is changed; absent for a new one. */
  stop?: PlanStop
}
/** Gives a brief its place in the year, before any team exists. */
const planning = defineModel<Planning>()
const props = defineProps<{ load: () => Promise<unknown>; plans: readonly PlanStop[] }>()
/** The plan as it stands now, which another window may have changed since it was opened here. */
const was = ref<PlanStop['plan']>()
const { meanwhile, cameSecond, letGo } = useMeanwhile(props.load)
const typed = ref({ date: '', wholeWeek: false, for: '' })
const refusal = ref<Refusal>()
watch(
  planning,
  (p) => {
    refusal.value = undefined
    letGo()
    was.value = p?.stop?.plan
    typed.value = {
      date: was.value?.date ?? new Date().toLocaleDateString('sv'),
      wholeWeek: was.value?.wholeWeek ?? false,
      for: was.value?.for ?? '',
    }
  },
  { immediate: true },
)
async function keep() {
  const p = planning.value
  if (!p) return
  const now = { brief: p.brief, ...typed.value }
  const answer =
    p.stop && was.value
      ? await ask(
          api.PUT('/api/year/plans/{id}', { params: { path: { id: p.stop.id } }, body: { was: was.value, now } }),
        )
      : await ask(api.POST('/api/year/plans', { body: now }))
  if (await cameSecond(answer, keepOver)) return
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  planning.value = undefined
  await props.load()
}
/** Keeps it over what the other window saved, which is on this page by then. */
function keepOver() {
  was.value = props.plans.find((p) => p.id === planning.value?.stop?.id)?.plan
  return keep()
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
    <form novalidate @submit.prevent="singly(keep)">
      <label>When <input v-model="typed.date" type="date" class="inline" aria-label="When" /></label>
      <label><input v-model="typed.wholeWeek" type="checkbox" /> any day of that week</label>
      <label
        >For whom <input v-model="typed.for" class="inline" maxlength="80" placeholder="a class, or nobody yet"
      /></label>
      <p class="small muted">It appears on the year line and counts toward the shopping list. Teams come later.</p>
      <RefusalNote :refusal="refusal" />
      <ConflictNote :of="meanwhile" @theirs="planning = undefined" />
      <Button type="submit" label="Plan" />
    </form>
  </Dialog>
</template>

<style scoped>
form {
  display: grid;
  gap: var(--space-4);
  justify-items: start;
}
</style>
